// What films are written with: the vendor script bundles just this, minified, as vendor/film.js, and the page loads it
// only once a film is made.
export { BufferTarget, CanvasSource, Mp4OutputFormat, Output, WebMOutputFormat, getFirstEncodableVideoCodec } from "mediabunny";
