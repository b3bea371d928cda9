<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Kind\SaysIdle;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Tests\Fixture;

/** What forms are known by, and which of a shape's ends mean something. */
final class PicturesTest extends TestCase
{
    public function test_each_form_is_seen_within_its_box_and_none_like_another(): void
    {
        $pictures = [];
        foreach (ShapeForm::cases() as $form) {
            $bounds = $form->picture(28, 20)->bounds();
            self::assertNotNull($bounds, $form->value);
            // Handles of curves, which are counted as well, lie a little outside.
            self::assertTrue($bounds->left >= -17 && $bounds->right <= 17, $form->value);
            self::assertTrue($bounds->top >= -12.5 && $bounds->bottom <= 12.5, $form->value);
            self::assertGreaterThan(13, $bounds->width(), $form->value);
            $pictures[] = $form->picture(28, 20)->data();
        }
        self::assertSame($pictures, array_values(array_unique($pictures)));
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return list<string> the ends that mean nothing
     */
    private function idle(array $fields): array
    {
        $layer = Fixture::layer(Fixture::bar($fields));
        self::assertInstanceOf(SaysIdle::class, $layer->content);

        return array_values(array_intersect($layer->content->idle($layer, Fixture::media()), ['cap', 'beginMark', 'endMark']));
    }

    public function test_ends_mean_nothing_to_what_is_closed_unless_it_is_drawn_in_part(): void
    {
        self::assertSame(['beginMark', 'endMark', 'cap'], $this->idle([]));
        self::assertSame([], $this->idle(['form' => 'line']));
        self::assertSame([], $this->idle(['form' => 'path', 'path' => 'M0 0L9 9']));
        foreach ([['dash' => 4], ['drawEnd' => 50], ['drawBegin' => 5], ['drawEnd' => Fixture::keyframes([0, 100], [9, 0])]] as $line) {
            self::assertSame(['beginMark', 'endMark'], $this->idle($line));
        }
    }
}
