import L from 'leaflet';
import { withRoom, type MapPlace } from './mapPlaces';
import { markOf, type MapInks } from './mapMarks';
import { apart, spreadOut, touchSides } from './spreadOut';

interface Shown {
  places: MapPlace[];
  /** Where the person is, which is marked, and which no other mark may lie on. */
  here: [number, number] | null;
  selected: string | null;
  inks: MapInks;
  onSelect: (id: string) => void;
}

/** How a place is drawn. */
interface Drawn {
  id: string;
  name: string;
  at: [number, number];
  /** Where its mark stands, which is off its place where others crowd. */
  mark: L.LatLng;
  isMoved: boolean;
  html: string;
  side: number;
  rank: number;
  isSelected: boolean;
  ink: string;
}

interface Mark {
  drawn: Drawn;
  marker: L.Marker;
  line: L.Polyline | null;
}

/**
 * The places' marks on a map, laid out anew for every part of it that is looked at. What is shown next changes those that differ and leaves
 * the others alone: the focus stays where it is, and a plan that follows the hand is not waited for.
 */
export class PlaceLayer {
  readonly #map: L.Map;
  readonly #group: L.LayerGroup;
  readonly #marks = new Map<string, Mark>();
  #here: L.CircleMarker | null = null;
  #shown: Shown | null = null;

  constructor(map: L.Map) {
    this.#map = map;
    this.#group = L.layerGroup().addTo(map);
    map.on('moveend resize', this.#draw);
  }

  show(shown: Shown) {
    this.#shown = shown;
    this.#draw();
  }

  remove() {
    this.#map.off('moveend resize', this.#draw);
    this.#group.remove();
  }

  readonly #draw = () => {
    if (this.#shown === null) return;
    this.#drawHere(this.#shown);
    const all = layOut(this.#map, this.#shown);
    const ids = new Set(all.map(({ id }) => id));
    for (const id of this.#marks.keys()) if (!ids.has(id)) this.#drop(id);
    // From the last: a new one goes before the one that comes after it on the walk, which is how keys go through them.
    let next: HTMLElement | null = null;
    for (const drawn of all.reverse()) next = this.#drawPlace(drawn, next);
  };

  #drawHere({ here, inks }: Shown) {
    this.#here?.remove();
    this.#here =
      here === null
        ? null
        : L.circleMarker(here, {
            radius: 9,
            color: inks.paper,
            weight: 3,
            fillColor: inks.stop,
            fillOpacity: 1,
          })
            .bindTooltip('You are here')
            .addTo(this.#group);
  }

  #drawPlace(drawn: Drawn, next: HTMLElement | null): HTMLElement {
    const before = this.#marks.get(drawn.id);
    const marker = before?.marker ?? this.#newMarker(drawn, next);
    const was = before?.drawn;
    if (was && !drawn.mark.equals(was.mark)) marker.setLatLng(drawn.mark);
    if (was && (was.html !== drawn.html || was.side !== drawn.side)) marker.setIcon(iconOf(drawn));
    if (was?.name !== drawn.name) marker.getElement()!.title = drawn.name;
    if (was?.rank !== drawn.rank) marker.setZIndexOffset(drawn.rank);
    if (was?.isSelected !== drawn.isSelected || was.name !== drawn.name) {
      marker.unbindTooltip();
      if (drawn.isSelected)
        marker.bindTooltip(drawn.name, { permanent: true, direction: 'top', offset: [0, -16] }).openTooltip();
    }
    this.#marks.set(drawn.id, { drawn, marker, line: this.#lineOf(drawn, before) });
    return marker.getElement()!;
  }

  #newMarker(drawn: Drawn, next: HTMLElement | null): L.Marker {
    const marker = L.marker(drawn.mark, {
      icon: iconOf(drawn),
      // What the map is moved for is laid out anew.
      autoPanOnFocus: false,
    });
    const select = () => this.#shown?.onSelect(drawn.id);
    marker.on('click', select);
    // A mark says that it is a button; the map library presses none by keys.
    marker.on('keydown', ({ originalEvent: event }) => {
      if (event.key !== 'Enter' && event.key !== ' ') return;
      event.preventDefault();
      select();
    });
    marker.addTo(this.#group);
    const element = marker.getElement()!;
    element.parentElement!.insertBefore(element, next);
    return marker;
  }

  /** From a place to its mark, where that stands off it. */
  #lineOf(drawn: Drawn, before: Mark | undefined): L.Polyline | null {
    const was = before?.drawn;
    if (
      was &&
      was.isMoved === drawn.isMoved &&
      was.ink === drawn.ink &&
      drawn.mark.equals(was.mark) &&
      L.latLng(drawn.at).equals(was.at)
    )
      return before.line;
    before?.line?.remove();
    return drawn.isMoved
      ? L.polyline([drawn.at, drawn.mark], { color: drawn.ink, weight: 1.5, interactive: false }).addTo(
          this.#group,
        )
      : null;
  }

  #drop(id: string) {
    const { marker, line } = this.#marks.get(id)!;
    marker.remove();
    line?.remove();
    this.#marks.delete(id);
  }
}

function iconOf({ html, side }: Drawn): L.DivIcon {
  return L.divIcon({ html, className: 'place-mark', iconSize: [side, side] });
}

/** How each place that the map has room for is drawn, in the order of the walk. */
function layOut(map: L.Map, { places, here, selected, inks }: Shown): Drawn[] {
  const size = map.getSize();
  const view = map.getBounds();
  // Marks may take a fifth of what is looked at; nearer by, the others have room.
  const drawn = withRoom(
    places.filter(({ at }) => view.contains(at)),
    selected,
    Math.floor((size.x * size.y) / (apart * apart * 5)),
  );
  const points = drawn.map(({ at }) => map.latLngToLayerPoint(at));
  const marks = spreadOut(points, here === null ? [] : [map.latLngToLayerPoint(here)]);
  const sides = touchSides(marks);
  return drawn.map(({ stop, at }, i) => {
    const { x, y } = marks[i];
    const isMoved = Math.hypot(x - points[i].x, y - points[i].y) > 3;
    const isSelected = stop.id === selected;
    return {
      id: stop.id,
      name: stop.name,
      at,
      mark: isMoved ? map.layerPointToLatLng([x, y]) : L.latLng(at),
      isMoved,
      html: markOf(stop, inks, isSelected),
      side: sides[i],
      rank: isSelected ? 1000 : stop.kind === 'source' ? 100 : 0,
      isSelected,
      ink: inks.ink,
    };
  });
}
