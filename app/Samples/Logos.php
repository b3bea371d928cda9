<?php

declare(strict_types=1);

namespace App\Samples;

/** The two logos as outlines, with their parts apart. */
final class Logos
{
    /** A figure nine inside a rounded hexagon. */
    public const BADGE = <<<'SVG'
        <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 200" width="600" height="600">
        <defs><linearGradient id="enamel" x2="0" y2="1"><stop offset="0" stop-color="#3a7263"/><stop offset="1" stop-color="#2f5d50"/></linearGradient></defs>
        <g id="hexagon" stroke-linejoin="round">
        <path d="M100 14L174 57V143L100 186L26 143V57Z" fill="#2f5d50" stroke="#2f5d50" stroke-width="24"/>
        <path d="M100 22L167 61V139L100 178L33 139V61Z" fill="url(#enamel)" stroke="#f3e3c3" stroke-width="6"/>
        </g>
        <g id="nine" fill="none" stroke="#f3e3c3" stroke-width="17" stroke-linecap="round">
        <circle cx="100" cy="82" r="29"/><path d="M129 82C129 118 118 140 88 150"/>
        </g>
        </svg>
        SVG;

    /** A route sign: a line with stops, and its number. */
    public const LINE = <<<'SVG'
        <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 360 120" width="1080" height="360">
        <rect id="sign" x="4" y="4" width="352" height="112" rx="24" fill="#24557a" stroke="#c9973f" stroke-width="8"/>
        <path id="route" d="M128 78H172Q186 78 192 64T212 50H332" fill="none" stroke="#f3e3c3" stroke-width="9" stroke-linecap="round"/>
        <g id="stops" fill="#c0392b" stroke="#f3e3c3" stroke-width="5"><circle cx="150" cy="78" r="10"/><circle cx="230" cy="50" r="10"/><circle cx="310" cy="50" r="10"/></g>
        <g id="nine" fill="none" stroke="#f3e3c3" stroke-width="13" stroke-linecap="round"><circle cx="64" cy="46" r="20"/><path d="M84 46C84 72 76 88 54 94"/></g>
        </svg>
        SVG;
}
