<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Kind\Pan;
use Ricamo\Core\Tests\Fixture;

final class PanTest extends TestCase
{
    /** @param  array<string, mixed>  $layer */
    private function pan(array $layer): ?string
    {
        $composition = Fixture::composition([$layer]);
        $pan = Pan::of($composition->layers[0]);
        // What the picture is told is the same.
        $told = json_decode(Fixture::evaluator()->look($composition, 0, [])->poses(), true)[0];
        self::assertSame($pan, $told['pan'] ?? null);

        return $pan;
    }

    public function test_what_is_seen_in_a_window_is_moved_within_it(): void
    {
        $window = ['id' => 'w', 'kind' => 'window', 'form' => 'ellipse', 'name' => 'Window', 'in' => 0, 'out' => 100];
        self::assertSame('pan', $this->pan([...$window, 'media' => 'm1']));
        self::assertNull($this->pan($window));
    }

    public function test_or_the_first_picture_that_a_layer_is_painted_with(): void
    {
        $picture = ['form' => 'picture', 'media' => 'm1'];
        self::assertSame('g2.pan', $this->pan(Fixture::bar(['gradients' => [['of' => 'outline', ...$picture]]])));
        self::assertSame('g1.pan', $this->pan(Fixture::bar(['gradients' => [
            ['of' => 'outline', ...$picture], ['of' => 'fill', ...$picture],
        ]])));
        self::assertSame('g2.pan', $this->pan(Fixture::words(['gradients' => [
            ['of' => 'fill', 'form' => 'linear', 'stops' => 2], ['of' => 'outline', ...$picture],
        ]])));
    }

    public function test_nothing_is_moved_in_a_plain_layer(): void
    {
        self::assertNull($this->pan(Fixture::bar()));
        self::assertNull($this->pan(Fixture::clip()));
    }
}
