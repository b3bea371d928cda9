<?php

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Kind\Content;

final readonly class TextContent implements Content
{
    public const DEFAULT_FONT = 'karla-bold';

    /** The most characters that a text may have. */
    public const LONGEST = 5000;

    /** @param  string  $font the id of a font face, such as `karla-bold` */
    public function __construct(
        public string $text,
        public string $font = self::DEFAULT_FONT,
        public Alignment $align = Alignment::Left,
    ) {
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
