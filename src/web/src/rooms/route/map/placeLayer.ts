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

/** The places' marks on a map, laid out anew for every part of it that is looked at; gone by what is given back. */
export function placeLayer(map: L.Map, shown: Shown): () => void {
  const group = L.layerGroup().addTo(map);
  const draw = () => drawPlaces(map, group, shown);
  draw();
  map.on('moveend resize', draw);
  return () => {
    map.off('moveend resize', draw);
    group.remove();
  };
}

function drawPlaces(map: L.Map, group: L.LayerGroup, { places, here, selected, inks, onSelect }: Shown) {
  const size = map.getSize();
  const inView = places.filter(({ at }) => map.getBounds().contains(at));
  // Marks may take a fifth of what is looked at; nearer by, the others have room.
  const drawn = withRoom(inView, selected, Math.floor((size.x * size.y) / (apart * apart * 5)));
  const points = drawn.map(({ at }) => map.latLngToLayerPoint(at));
  const marks = spreadOut(points, here === null ? [] : [map.latLngToLayerPoint(here)]);
  const sides = touchSides(marks);
  const focused = document.activeElement?.getAttribute('data-place');
  group.clearLayers();
  if (here !== null)
    L.circleMarker(here, { radius: 9, color: inks.paper, weight: 3, fillColor: inks.stop, fillOpacity: 1 })
      .bindTooltip('You are here')
      .addTo(group);
  drawn.forEach(({ stop, at }, i) => {
    const { x, y } = marks[i];
    const isMoved = Math.hypot(x - points[i].x, y - points[i].y) > 3;
    const where = isMoved ? map.layerPointToLatLng([x, y]) : L.latLng(at);
    if (isMoved) L.polyline([at, where], { color: inks.ink, weight: 1.5, interactive: false }).addTo(group);
    const isSelected = stop.id === selected;
    const mark = L.marker(where, {
      icon: L.divIcon({
        html: markOf(stop, inks, isSelected),
        className: 'place-mark',
        iconSize: [sides[i], sides[i]],
      }),
      title: stop.name,
      alt: stop.name,
      // What the map is moved for is drawn anew.
      autoPanOnFocus: false,
      zIndexOffset: isSelected ? 1000 : stop.kind === 'source' ? 100 : 0,
    });
    mark.on('click', () => onSelect(stop.id));
    mark.addTo(group);
    mark.getElement()!.dataset.place = stop.id;
    if (stop.id === focused) mark.getElement()!.focus({ preventScroll: true });
    if (isSelected)
      mark.bindTooltip(stop.name, { permanent: true, direction: 'top', offset: [0, -16] }).openTooltip();
  });
}
