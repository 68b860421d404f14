import { Box, useMediaQuery, useTheme } from '@mui/material';
import L from 'leaflet';
import 'leaflet/dist/leaflet.css';
import { useEffect, useRef } from 'react';
import type { Schema } from '../../../core/contract';
import { useSettings } from '../../../store/LocalDataContext';
import type { Kept } from '../../../store/records';
import { baseLayer } from './baseLayer';
import { BaseMapMenu } from './BaseMapMenu';
import type { MapInks } from './mapMarks';
import { mapPlaces } from './mapPlaces';
import { PlaceLayer } from './PlaceLayer';
import { useBaseMap } from './useBaseMap';
import { placeAt, type MapPoint } from './useMapLine';

interface Props {
  line: MapPoint[];
  stops: Schema<'PlanStop'>[];
  sources: Kept<'trip-source'>[];
  hereKm: number | null;
  selected: string | null;
  onSelect: (id: string) => void;
}

/** Plan view by a map library: nothing is fetched from outside; what lies under the line is the person's own file, where there is one. */
export default function MapView({ line, stops, sources, hereKm, selected, onSelect }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const map = useRef<L.Map>(null);
  const marks = useRef<PlaceLayer>(null);
  const theme = useTheme();
  const still = useMediaQuery('(prefers-reduced-motion: reduce)');
  const { units } = useSettings().settings;
  const { file, files, choose, add, remove, wrong } = useBaseMap();
  const inks: MapInks = {
    ink: theme.palette.text.primary,
    water: theme.palette.primary.main,
    stop: theme.palette.error.main,
    paper: theme.palette.background.paper,
  };

  useEffect(() => {
    if (!box.current) return;
    const made = L.map(box.current, {
      attributionControl: false,
      zoomSnap: 0.25,
      zoomAnimation: !still,
      fadeAnimation: !still,
      markerZoomAnimation: !still,
    });
    L.control.scale({ imperial: units === 'us', metric: units !== 'us', position: 'bottomleft' }).addTo(made);
    made.fitBounds(L.latLngBounds(line.map(({ latitudeDeg, longitudeDeg }) => [latitudeDeg, longitudeDeg])), {
      // Clear of the zoom buttons and of north.
      paddingTopLeft: [76, 28],
      paddingBottomRight: [40, 28],
    });
    map.current = made;
    const sized = new ResizeObserver(() => made.invalidateSize());
    sized.observe(box.current);
    return () => {
      sized.disconnect();
      made.remove();
      map.current = null;
    };
  }, [line, still, units]);

  useEffect(() => {
    if (!map.current || file === null) return;
    const layer = baseLayer(file, { ink: theme.palette.text.primary, water: '#4a94a3' });
    layer.addTo(map.current);
    return () => void layer.remove();
  }, [file, line, still, units, theme]);

  useEffect(() => {
    const on = map.current;
    if (!on) return;
    const group = L.layerGroup().addTo(on);
    const path = line.map(({ latitudeDeg, longitudeDeg }): [number, number] => [latitudeDeg, longitudeDeg]);
    L.polyline(path, { color: inks.paper, weight: 8, interactive: false }).addTo(group);
    L.polyline(path, { color: inks.ink, weight: 3.5, interactive: false }).addTo(group);
    const places = new PlaceLayer(on);
    marks.current = places;
    return () => {
      places.remove();
      group.remove();
      marks.current = null;
    };
    // The inks are the theme's.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [line, theme, still, units]);

  useEffect(() => {
    marks.current?.show({
      places: mapPlaces(stops, sources, line),
      here: hereKm === null ? null : placeAt(line, hereKm),
      selected,
      inks,
      onSelect,
    });
    // The inks are the theme's.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [line, stops, sources, hereKm, selected, onSelect, theme, still, units]);

  return (
    <Box sx={{ position: 'relative', height: '100%', minHeight: 240 }}>
      <Box
        ref={box}
        role="application"
        aria-label="Map of the walk. The places are listed beside it."
        sx={{
          position: 'absolute',
          inset: 0,
          zIndex: 0,
          borderRadius: 1,
          '&&': { bgcolor: 'background.default', fontFamily: 'inherit' },
          '&& .leaflet-control-zoom a': {
            width: 48,
            height: 48,
            lineHeight: '48px',
            bgcolor: 'background.paper',
            color: 'text.primary',
          },
          '&& .leaflet-control-scale-line': {
            bgcolor: 'background.paper',
            color: 'text.primary',
            borderColor: 'text.primary',
            fontSize: '1rem',
            lineHeight: 1.2,
            textShadow: 'none',
          },
          // Drawn whole where the place to touch is smaller.
          '&& .place-mark svg': { position: 'absolute', left: 'calc(50% - 22px)', top: 'calc(50% - 22px)' },
          '&& .leaflet-tooltip': {
            fontSize: '1rem',
            fontWeight: 700,
            bgcolor: 'background.paper',
            color: 'text.primary',
            borderColor: 'text.primary',
          },
        }}
      />
      <Box
        component="svg"
        viewBox="0 0 36 48"
        aria-label="North is up"
        role="img"
        sx={{
          position: 'absolute',
          right: 10,
          top: 10,
          width: 36,
          height: 48,
          zIndex: 1,
          pointerEvents: 'none',
          color: 'text.primary',
        }}
      >
        <path d="M18 2l9 24l-9-6l-9 6z" fill="currentColor" stroke={inks.paper} strokeWidth="1.5" />
        <text x="18" y="44" textAnchor="middle" fontSize="17" fontWeight="750" fill="currentColor">
          N
        </text>
      </Box>
      <BaseMapMenu
        files={files}
        used={file?.id ?? null}
        onUse={choose}
        onAdd={add}
        onRemove={remove}
        wrong={wrong}
      />
    </Box>
  );
}
