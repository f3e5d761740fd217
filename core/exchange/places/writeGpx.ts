/**
 * Spots as waypoints of GPX 1.1. Name, position and note stand where every reader looks for them; what only a spot of
 * ours knows, in an extension with a namespace of its own.
 */
import type { Degrees } from '../../base/ground';
import type { Shore } from '../../records/shore';
import type { Spot } from '../../records/spot';
import { DETAILS, type PlacesOut } from './found';

const GPX = 'http://www.topografix.com/GPX/1/1';
/** The namespace of what only a spot of ours knows. */
export const OURS = 'urn:moss-kettle:spot:1';

/** What XML cannot hold: control characters, halves of letters. */
const NOT_XML = /[^\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]/gu;
const escaped = (s: string): string =>
  s
    .replace(NOT_XML, '')
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/"/g, '&quot;')
    // A reader makes one line end of each way to write it.
    .replace(/\r/g, '&#13;');
const inAttribute = (s: string): string => escaped(s).replace(/\n/g, '&#10;').replace(/\t/g, '&#9;');

/** A number as the schema's decimals want it, without an exponent; to 10⁻¹² °. */
const decimal = (n: number): string => (/e/.test(String(n)) ? n.toFixed(12).replace(/\.?0+$/, '') : String(n));

const tag = (name: string, text: string): string => `<${name}>${escaped(text)}</${name}>`;

/** The meridian opposite Greenwich has one name in this format. */
const gpxLongitude = (lonDeg: number): number => (lonDeg === 180 ? -180 : lonDeg);

function waypoint(spot: Spot, waterName: string): string {
  const details = DETAILS.flatMap((k) => {
    const value = k === 'pins' ? null : spot[k];
    return value === null ? [] : [tag(`mk:${k}`, typeof value === 'number' ? decimal(value) : String(value))];
  });
  const pins = spot.pins.map((p) => `<mk:pin kind="${p.kind}" name="${inAttribute(p.name)}" ${position(p)}/>`);
  return [
    `  <wpt ${position(spot)}>`,
    `    ${tag('name', spot.name)}`,
    ...(spot.note === '' ? [] : [`    ${tag('desc', spot.note)}`]),
    `    <extensions><mk:spot ${owned(spot, waterName)} pins="${pins.length}">${[...details, ...pins].join('')}</mk:spot></extensions>`,
    '  </wpt>',
  ].join('\n');
}

const position = (at: Degrees): string => `lat="${decimal(at.latDeg)}" lon="${decimal(gpxLongitude(at.lonDeg))}"`;
/** Of which water a thing of ours is, in the attributes of its extension. */
const owned = (x: { id: string; waterId: string }, waterName: string): string =>
  `id="${inAttribute(x.id)}" water="${inAttribute(x.waterId)}" waterName="${inAttribute(waterName)}"`;

const track = (shore: Shore, waterName: string): string =>
  [
    `  <trk>${tag('name', shore.name)}`,
    `    <extensions><mk:shore ${owned(shore, waterName)} closed="${shore.closed}"${shore.depthM === null ? '' : ` depthM="${decimal(shore.depthM)}"`}/></extensions>`,
    `    <trkseg>${shore.points.map((at) => `<trkpt ${position(at)}/>`).join('')}</trkseg>`,
    '  </trk>',
  ].join('\n');

/** Spots and shores to a GPX 1.1 document. Characters that XML cannot hold are left out. */
export const writeGpx = ({ spots, shores }: PlacesOut, waterName: (id: string) => string): string =>
  [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<gpx version="1.1" creator="Moss Kettle" xmlns="${GPX}" xmlns:mk="${OURS}">`,
    ...spots.map((s) => waypoint(s, waterName(s.waterId))),
    ...shores.map((s) => track(s, waterName(s.waterId))),
    '</gpx>',
    '',
  ].join('\n');
