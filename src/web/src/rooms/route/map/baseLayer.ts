import L from 'leaflet';
import { FileSource, PMTiles, TileType } from 'pmtiles';
import {
  GeomType,
  leafletLayer,
  LineSymbolizer,
  PolygonSymbolizer,
  type Feature,
  type PaintRule,
} from 'protomaps-leaflet';
import type { MapFile } from '../../../store/mapFiles';
import { messageOf } from '../../../shared/messageOf';

interface Inks {
  ink: string;
  water: string;
}

/** A map file as a layer: pictures as they are, drawn ones in the page's own inks. Nothing but the file is read. */
export function baseLayer(file: MapFile, inks: Inks): L.Layer {
  const archive = new PMTiles(new FileSource(new File([file.file], file.name)));
  const group = L.layerGroup();
  void archive.getHeader().then(({ tileType, maxZoom, minZoom }) => {
    group.addLayer(
      tileType === TileType.Mvt
        ? (leafletLayer({
            url: archive,
            maxDataZoom: maxZoom,
            paintRules: rules(inks),
            labelRules: [],
            noWrap: true,
          }) as unknown as L.Layer)
        : new PictureTiles(archive, { maxNativeZoom: maxZoom, minNativeZoom: minZoom, noWrap: true }),
    );
  });
  return group;
}

/** Picture tiles out of an archive. */
class PictureTiles extends L.GridLayer {
  constructor(
    private readonly archive: PMTiles,
    options: L.GridLayerOptions,
  ) {
    super(options);
  }

  override createTile({ x, y, z }: L.Coords, done: L.DoneCallback): HTMLElement {
    const picture = document.createElement('img');
    picture.alt = '';
    void this.archive.getZxy(z, x, y).then(
      (tile) => {
        if (!tile) {
          done(undefined, picture);
          return;
        }
        const address = URL.createObjectURL(new Blob([tile.data]));
        picture.onload = () => {
          URL.revokeObjectURL(address);
          done(undefined, picture);
        };
        picture.src = address;
      },
      (error: unknown) => done(new Error(messageOf(error)), picture),
    );
    return picture;
  }
}

const line = (layer: string, colour: string, width: number, dash?: number[]): PaintRule => ({
  dataLayer: layer,
  symbolizer: new LineSymbolizer({ color: colour, width, ...(dash && { dash }) }),
  filter: (_zoom: number, feature: Feature) => feature.geomType !== GeomType.Point,
});

const area = (layer: string, colour: string, opacity: number): PaintRule => ({
  dataLayer: layer,
  symbolizer: new PolygonSymbolizer({ fill: colour, opacity }),
  filter: (_zoom: number, feature: Feature) => feature.geomType === GeomType.Polygon,
});

/** Land and wood light, water and streams in its colour, contours thin, paths dashed; by the names that map files use for them. */
function rules({ ink, water }: Inks): PaintRule[] {
  const wood = '#8fa36a';
  return [
    ...['earth', 'land'].map((layer) => area(layer, '#cbb98c', 0.25)),
    ...['landcover', 'landuse', 'natural', 'wood'].map((layer) => area(layer, wood, 0.22)),
    ...['water', 'ocean', 'lakes'].map((layer) => area(layer, water, 0.45)),
    ...['contour', 'contours'].map((layer) => line(layer, '#a07c48', 0.8)),
    ...['water', 'waterway', 'waterways', 'streams', 'physical_line'].map((layer) => line(layer, water, 1.8)),
    ...['roads', 'transportation', 'paths', 'path', 'trails'].map((layer) => line(layer, ink, 1.2, [4, 3])),
  ];
}
