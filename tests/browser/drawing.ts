/** An SVG of 640 × 360 with what drawing programs write: groups, transforms, styles, gradients, lines and holes. */
export const DRAWING = `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 320 180" width="640" height="360">
<style>.enamel { fill: #24557a; stroke: #f3e3c3; } #wire { stroke-dasharray: 12 5 3 5 }</style>
<defs>
  <linearGradient id="evening" x2="1" y2="1"><stop offset="0" stop-color="#1d2430"/><stop offset=".6" stop-color="#c0392b"/><stop offset="1" stop-color="#c9973f"/></linearGradient>
  <radialGradient id="lamp" cx=".5" cy=".5" fx=".3" fy=".35" r=".5"><stop offset="0" stop-color="#fff"/><stop offset="1" stop-color="#c9973f" stop-opacity=".2"/></radialGradient>
  <linearGradient id="line" xlink:href="#evening" gradientUnits="userSpaceOnUse" x1="20" x2="300" y1="0" y2="0" gradientTransform="skewX(20)"/>
  <g id="wheel"><circle r="14" class="enamel" stroke-width="3"/><path d="M-14 0H14M0-14V14" stroke="#f3e3c3" stroke-width="2" stroke-linecap="round"/></g>
</defs>
<rect x="10" y="10" width="300" height="120" rx="18" ry="12" fill="url(#evening)"/>
<ellipse cx="70" cy="60" rx="44" ry="26" fill="url(#lamp)"/>
<path fill-rule="evenodd" fill="#f3e3c3" d="M180 30a32 32 0 1 1-.1 0zm0 14a18 18 0 1 0 .1 0z"/>
<path d="M225 100q20-60 40-20t35-35" fill="none" stroke="url(#line)" stroke-width="7" stroke-linejoin="round" stroke-linecap="round"/>
<polyline id="wire" points="15,150 90,142 165,150 240,142 305,150" fill="none" stroke="#2f5d50" stroke-width="4" stroke-linejoin="bevel"/>
<g opacity=".6" transform="translate(60 150) rotate(20)"><rect x="-30" y="-12" width="60" height="24" fill="#c0392b"/><rect x="-10" y="-20" width="60" height="24" fill="#c0392b"/></g>
<use href="#wheel" x="200" y="150"/><use href="#wheel" transform="translate(260 150) scale(.8 1.1)"/>
</svg>`;
