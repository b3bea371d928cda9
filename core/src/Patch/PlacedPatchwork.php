<?php

declare(strict_types=1);

namespace Ricamo\Core\Patch;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Property\Attached;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\References;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Refusal;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PathType;

/** How a layer is cut into patches. Cascades move these, one after another. */
final readonly class PlacedPatchwork implements Attached
{
    /** A layer has one. */
    public const MOST = 1;

    public const ID = 'p1';

    /** The most patches that there are, and the most in a row or in a column. */
    public const MOST_PATCHES = 1000;

    public const MOST_ACROSS = 200;

    public const MOST_SEED = 1_000_000;

    public function __construct(
        #[Field]
        public PatchForm $form = PatchForm::Grid,
        #[Field('rings from the middle outwards, where it is cut into those', 1, self::MOST_ACROSS, always: true)]
        public int $rows = 4,
        #[Field('sectors of each ring, where it is cut into those', 1, self::MOST_ACROSS, always: true)]
        public int $columns = 6,
        #[Field('that shards are thrown from', 0, self::MOST_SEED)]
        public int $seed = 1,
        #[Field]
        public bool $on = true,
    ) {
        if ($rows * $columns > self::MOST_PATCHES) {
            throw new Misfit('columns', "$rows times $columns are more than ".self::MOST_PATCHES.' patches');
        }
    }

    /**
     * @param  string  $kind  of the layer
     * @param  bool  $canBeCut  whether layers of it can
     * @return array{?self, array<string, Property>} with its settings, by the names that the layer knows them by
     *
     * @throws Refusal for what is none
     */
    public static function readOf(?Node $node, string $kind, bool $canBeCut): array
    {
        if ($node === null) {
            return [null, []];
        }
        if (! $canBeCut) {
            $node->refuse("a $kind layer has no picture of its own that could be cut");
        }
        $patchwork = self::read($node);
        [, $settings] = AttachedSettings::read(new Node([[...$node->object(), 'id' => self::ID]]), self::MOST, self::read(...));

        return [$patchwork, $settings];
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): self
    {
        return self::described()->readAmong($node);
    }

    /** @return Fields<self> */
    private static function described(): Fields
    {
        return Fields::of(self::class)->fixing(['id' => self::ID]);
    }

    public function id(): string
    {
        return self::ID;
    }

    public function title(): string
    {
        return 'Patchwork';
    }

    public function section(): Section
    {
        return Section::Patchwork;
    }

    public function settings(): array
    {
        return [
            new PropertyDefinition('path', new PathType, new Contours([]), title: 'Path'),
            Setting::pixels('gap', 'Gap', 0, 5000),
            Setting::pixels('rounding', 'Rounding', 0, 5000),
            Setting::pixels('edge', 'Edge', 0, 500),
            Setting::colour('edgeColour', 'Edge colour', '#ffffff80'),
            Setting::colour('shadow', 'Shadow', '#00000000'),
            Setting::pixels('distance', 'Falls by', 12, 5000),
            Setting::angle('angle', 'Towards', 45),
            new PropertyDefinition('softness', new NumberType, 12.0, 0, 500, 'Softness', unit: 'px', isFactor: true),
        ];
    }

    public function fields(): Fields
    {
        return self::described();
    }

    public function refersTo(): References
    {
        return new References;
    }
}
