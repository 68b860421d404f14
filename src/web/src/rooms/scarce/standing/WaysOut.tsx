import { Box, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { BarFrame, BarMark } from '../../../shared/BarFrame';
import { Section } from '../../../shared/Section';
import { useCatalogue } from '../../../store/CatalogueContext';
import { show, wholePercentUp } from '../../../shared/units';

type Choice = Schema<'WayOutAnswer'>;

interface Props {
  choices: Choice[];
  inHandL: number;
}

/** On, back and stay side by side: what each needs against the water in hand, and how often it runs short. */
export function WaysOut({ choices, inHandL }: Props) {
  const catalogue = useCatalogue();
  const longest = Math.max(inHandL, ...choices.map(({ needL }) => needL ?? 0), 0.1) * 1.05;
  return (
    <Section title="On, back or stay">
      <Typography sx={{ color: 'text.secondary' }}>
        Each bar is what the way needs to the water walked to or to help; the upright line is the{' '}
        {show(catalogue, 'volume', inHandL)} in hand. Too far is more than{' '}
        {catalogue.lists.scarce.tooFarPercent} % of body mass short before water.
      </Typography>
      {choices.map((choice, index) => (
        <Box key={choice.kind} data-testid={`way-${choice.kind}`} sx={{ display: 'grid', gap: 0.5 }}>
          <Box sx={{ display: 'flex', gap: 1, justifyContent: 'space-between', flexWrap: 'wrap' }}>
            <Typography variant="h3">
              {choice.name}
              {index === 0 && choice.chanceTooFar < 0.995 && (
                <Box component="span" sx={{ ml: 1, px: 0.75, border: 2, borderRadius: 1 }}>
                  surest
                </Box>
              )}
            </Typography>
            <Typography sx={{ fontWeight: 700 }}>
              {choice.needL === null ? 'no figure' : `too far ${wholePercentUp(choice.chanceTooFar)} %`}
            </Typography>
          </Box>
          {choice.needL !== null && <NeedBar choice={choice} inHandL={inHandL} longest={longest} />}
          <Typography variant="body2">{choice.words}</Typography>
          {others(choice).map((source) => (
            <Typography key={source.words} variant="body2" sx={{ color: 'text.secondary' }}>
              {source.hours < choice.towards!.hours ? 'on the way ' : 'then '}
              {source.words}
            </Typography>
          ))}
        </Box>
      ))}
    </Section>
  );
}

/** The other sources on it, up to the first beyond it that the water in hand hardly lasts to. */
function others({ sources, towards }: Choice) {
  const hardly = sources.findIndex(
    ({ reachChance, hours }) => reachChance < 0.01 && towards != null && hours > towards.hours,
  );
  return (hardly < 0 ? sources : sources.slice(0, hardly + 1)).filter(
    ({ words }) => words !== towards?.words,
  );
}

function NeedBar({ choice, inHandL, longest }: { choice: Choice; inHandL: number; longest: number }) {
  const need = choice.needL!;
  return (
    <BarFrame>
      <Box
        sx={{
          width: `${(100 * need) / longest}%`,
          borderRadius: 1,
          bgcolor: choice.sure ? 'success.main' : 'warning.main',
        }}
      />
      <BarMark percent={(100 * inHandL) / longest} />
    </BarFrame>
  );
}
