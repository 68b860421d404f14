import { Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import { useCalculation } from '../../../core/useCalculation';
import { AnswerBeside } from '../../../shared/AnswerBeside';
import { Assumptions } from '../../../shared/Assumptions';
import { Cautions } from '../../../shared/Cautions';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { show } from '../../../shared/units';
import { useKit, useSettings } from '../../../store/LocalDataContext';
import { useScarce } from '../ScarceContext';
import { DayTotalCard } from './DayTotalCard';
import { PlaceForm } from './PlaceForm';
import { toMake } from './toMake';
import { WayCard } from './WayCard';

/** Every way of making water at this place, the best net first, and several of them put together. */
export function MakePage() {
  const catalogue = useCatalogue();
  const { units } = useSettings().settings;
  const kit = useKit();
  const { draft, set, walkers, standing } = useScarce();
  const { response, problem, failure } = useCalculation('make-water', toMake(draft, units, kit, walkers));
  const possible = response?.ways.filter((way) => way.possible) ?? [];
  const not = response?.ways.filter((way) => !way.possible) ?? [];
  const count = (id: string, on: boolean, n?: number) => {
    const others = draft.chosen.filter((way) => way.id !== id);
    set({ chosen: on ? [...others, { id, count: n ?? null }] : others });
  };
  return (
    <AnswerBeside
      head={
        response ? (
          <DayTotalCard
            total={response.total}
            restLPerDay={draft.needLPerDay === null ? (standing.response?.restLPerDay ?? null) : null}
          />
        ) : (
          <Section title="What could be made">
            {problem && <ProblemLine>{problem.detail}</ProblemLine>}
            {failure && <Typography>No answer.</Typography>}
            {!problem && !failure && <Typography>Working it out …</Typography>}
          </Section>
        )
      }
      inputs={<PlaceForm problem={problem} />}
      details={
        response && (
          <>
            {possible.length === 0 && (
              <Section title="Nothing can be made here as told">
                <Typography>Tick what is here, and what there is to work with.</Typography>
              </Section>
            )}
            {possible.length > 0 && (
              <Typography sx={{ color: 'text.secondary' }}>
                The best net first. Left of the upright line a way costs more water than it gives.
              </Typography>
            )}
            {possible.map((way) => (
              <WayCard
                key={way.id}
                way={way}
                chosen={draft.chosen.some(({ id }) => id === way.id)}
                onCount={(on, n) => count(way.id, on, n)}
              />
            ))}
            <Section title="What the work costs">
              <Typography>
                Beyond resting in the shade: digging {show(catalogue, 'volume', response.digSweatLPerH)} an
                hour, light work {show(catalogue, 'volume', response.lightSweatLPerH)}. It is taken off every
                yield.
              </Typography>
              <Cautions cautions={response.cautions} />
              <Assumptions assumptions={response.assumptions} />
            </Section>
            {not.length > 0 && (
              <Section title="Not here">
                {not.map((way) => (
                  <Typography key={way.id}>
                    <strong>{way.name}:</strong> {way.whyNot}
                  </Typography>
                ))}
              </Section>
            )}
          </>
        )
      }
    />
  );
}
