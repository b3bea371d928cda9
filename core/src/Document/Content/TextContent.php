<?php

namespace Ricamo\Core\Document\Content;

use Ricamo\Core\Json\Node;

final readonly class TextContent implements Content
{
    public const DEFAULT_FONT = 'karla-bold';

    private const LONGEST = 5000;

    /** @param  string  $font the id of a font face, such as `karla-bold` */
    public function __construct(
        public string $text,
        public string $font = self::DEFAULT_FONT,
        public Alignment $align = Alignment::Left,
    ) {
    }

    public static function fields(): array
    {
        return ['text', 'font', 'align'];
    }

    public static function read(Node $node): self
    {
        $font = $node->optional('font');
        if ($font !== null && ! preg_match('/^[a-z0-9][a-z0-9-]{0,63}$/', $font->string())) {
            $font->refuse(json_encode($font->value).' is not the id of a font');
        }

        return new self(
            str_replace(["\r\n", "\r"], "\n", $node->field('text')->string(self::LONGEST)),
            $font?->string() ?? self::DEFAULT_FONT,
            $node->optional('align')?->enum(Alignment::class) ?? Alignment::Left,
        );
    }

    /** @return list<string> */
    public function lines(): array
    {
        return explode("\n", $this->text);
    }

    public function toJson(): array
    {
        return ['text' => $this->text, 'font' => $this->font, 'align' => $this->align->value];
    }
}
