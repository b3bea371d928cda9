<?php

declare(strict_types=1);

namespace App\Samples;

use Closure;

/** Something on the shelf: drawn or synthesised by the project itself when it is first asked for. */
final readonly class Sample
{
    /**
     * @param  string  $file  what it is called once it is brought in
     * @param  string  $about  in a few words
     * @param  Closure(): string  $make  gives the file, made if it is not there yet
     */
    public function __construct(
        public string $id, public string $subject, public string $title, public string $about, public string $file,
        public Closure $make,
    ) {
    }

    /** @return array{id: string, subject: string, title: string, about: string} */
    public function toJson(): array
    {
        return ['id' => $this->id, 'subject' => $this->subject, 'title' => $this->title, 'about' => $this->about];
    }
}
