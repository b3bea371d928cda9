<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Document\Content;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\TakesFromLayers;
use Ricamo\Core\Kind\Readable;
use Ricamo\Core\Kind\Replaceable;
use Ricamo\Core\Kind\RunsByItself;
use Ricamo\Core\Kind\SaysIdle;
use Ricamo\Core\Property\References;
use Ricamo\Core\Refusal;
use Ricamo\Core\Text\FontFeature;
use Ricamo\Core\Text\Language;
use Ricamo\Core\Text\WordStyles;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Core\Value\Face;

final readonly class TextContent implements Content, Readable, Replaceable, RunsByItself, SaysIdle, TakesFromLayers
{
    public const DEFAULT_FONT = 'karla-bold';

    /** The most characters that a text may have. */
    public const LONGEST = 5000;

    /**
     * @param  string  $font  the id of a font face, such as `karla-bold`
     * @param  ?string  $fontMedia  the id of the media that are the font; null for one that ships with the project
     * @param  list<FontFeature>  $features  of the font that are used, or not
     * @param  ?Counting  $counts  how a number is written that stands in its place in the text; null for none
     * @param  WordStyles  $styles  in which some characters are set
     * @param  ?Language  $hyphens  in which words are parted at the ends of lines; null where they are not
     * @param  bool  $down  whether lines run from top to bottom, the next at the left of the one before
     */
    public function __construct(
        public string $text,
        public string $font = self::DEFAULT_FONT,
        public Alignment $align = Alignment::Left,
        public ?string $fontMedia = null,
        public array $features = [],
        public ?Counting $counts = null,
        public WordStyles $styles = new WordStyles,
        public ?Language $hyphens = null,
        public bool $down = false,
    ) {
    }

    /** The id of the face that it is set in, by which a shaper knows it. */
    public function face(): string
    {
        return $this->fontMedia === null ? $this->font : Face::ofMedia($this->fontMedia);
    }

    /** A copy that is set in another face; in its own where none is told. */
    public function inFace(string $face): self
    {
        return match (true) {
            $face === '' || $face === $this->face() => $this,
            Face::media($face) !== null => $this->with(['fontMedia' => Face::media($face)]),
            default => $this->with(['font' => $face, 'fontMedia' => null]),
        };
    }

    public function media(): array
    {
        return $this->fontMedia === null ? [] : ['fontMedia' => $this->fontMedia];
    }

    /**
     * Set in another font.
     *
     * @throws Refusal for media that are no font
     */
    public function replacedIn(Layer $layer, ?Media $old, Media $new): Layer
    {
        return $new->known()->font === null
            ? throw new Refusal("“{$new->name}” is not a font")
            : $layer->withContent($this->with(['fontMedia' => $new->id]));
    }

    public function usingMedia(array $ids): static
    {
        return $this->fontMedia === null ? $this : $this->with(['fontMedia' => $ids[$this->fontMedia] ?? $this->fontMedia]);
    }

    /** With a number in its place. */
    public function at(float $number): self
    {
        return $this->counts === null ? $this : $this->counted($this->counts->in(Counting::SIGN, $number));
    }

    /** What is set otherwise stands where it stood, though numbers are longer than their signs. */
    private function counted(string $written): self
    {
        $longer = mb_strlen($written) - 1;
        $moved = fn (int $at): int => $at + $longer * mb_substr_count(mb_substr($this->text, 0, $at), Counting::SIGN);

        return $this->with([
            'text' => str_replace(Counting::SIGN, $written, $this->text), 'counts' => null, 'styles' => $this->styles->mapped($moved),
        ]);
    }

    /** A number where none is written, what a path, a box or a plate is like where there is none. */
    public function idle(Layer $layer, MediaLibrary $media): array
    {
        $in = $layer->span->in;
        $hasPath = ! $layer->rests(['path']) || OnPath::isSet($layer, $in);
        $hasBox = ! $layer->rests(['boxWidth']) || $layer->number('boxWidth', $in) > 0;
        $hasPlate = ! $layer->rests(['plate']) || $layer->colour('plate', $in)->isVisible();

        return [
            ...($this->counts === null ? ['number'] : []),
            ...($hasPath ? [] : ['path', 'pathOffset']),
            ...($hasBox ? [] : ['fitBox']),
            ...($hasPlate ? [] : ['platePadding', 'plateRounding', 'plateByLine']),
        ];
    }

    public function styled(WordStyles $styles): self
    {
        return $this->with(['styles' => $styles]);
    }

    public function amongLayers(array $ids): static
    {
        return $this->counts === null ? $this : $this->with(['counts' => $this->counts->amongLayers($ids)]);
    }

    public function withoutLayers(array $ids): static
    {
        return $this->counts === null ? $this : $this->with(['counts' => $this->counts->withoutLayers($ids)]);
    }

    public function continued(Layer $layer, FrameRange $span, FrameRate $rate): Layer
    {
        $offset = $this->counts?->offset($layer->span, $span, $rate) ?? 0.0;

        return $offset === 0.0
            ? $layer
            : $layer->withProperty(
                'number',
                $layer->properties['number']->mapValues(fn (mixed $number): mixed => is_float($number) ? $number + $offset : $number),
            );
    }

    /** A copy that runs from left to right, as words along a path do. */
    public function level(): self
    {
        return $this->down ? $this->with(['down' => false]) : $this;
    }

    /** @param  array{text?: string, font?: string, fontMedia?: ?string, counts?: ?Counting, styles?: WordStyles, down?: bool}  $fields */
    private function with(array $fields): self
    {
        return new self(
            $fields['text'] ?? $this->text, $fields['font'] ?? $this->font, $this->align,
            array_key_exists('fontMedia', $fields) ? $fields['fontMedia'] : $this->fontMedia, $this->features,
            array_key_exists('counts', $fields)
                ? $fields['counts']
                : $this->counts, $fields['styles'] ?? $this->styles, $this->hyphens, $fields['down'] ?? $this->down,
        );
    }

    /** @return array<string, int> the OpenType features that are asked for, by their tags; 0 for what is not used */
    public function tags(): array
    {
        return array_merge(...array_map(fn (FontFeature $one): array => $one->tags(), $this->features));
    }

    /** @return list<string> */
    public function lines(): array
    {
        return explode("\n", $this->text);
    }

    public function toJson(): array
    {
        return [
            'text' => $this->text,
            'font' => $this->font,
            'align' => $this->align->value,
            ...($this->fontMedia === null ? [] : ['fontMedia' => $this->fontMedia]),
            ...($this->features === [] ? [] : ['features' => array_column($this->features, 'value')]),
            ...($this->counts === null ? [] : ['counts' => $this->counts->toJson()]),
            ...($this->hyphens === null ? [] : ['hyphens' => $this->hyphens->value]),
            ...($this->down ? ['down' => true] : []),
            ...($this->styles->all === [] ? [] : ['styles' => $this->styles->toJson()]),
        ];
    }

    public function words(): string
    {
        return $this->text;
    }

    public function refersTo(): References
    {
        return new References(layers: $this->counts?->layers() ?? [], media: array_values($this->media()));
    }
}
