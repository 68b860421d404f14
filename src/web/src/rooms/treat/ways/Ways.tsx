import ExpandMore from '@mui/icons-material/ExpandMore';
import { Box, Button, Link as MuiLink, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { ChainList, ChainSummary } from '../../../core/contract';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { CountVirusesSwitch } from '../../../shared/CountVirusesSwitch';
import { Section } from '../../../shared/Section';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import { useNowMinute } from '../../../shared/useNow';
import type { Draft } from '../draft';
import type { DraftStore } from '../useDraft';
import { untreatedWay } from './untreatedWay';
import { WayFacts } from './WayFacts';
import { WaysPicture } from './WaysPicture';

/** As many as stand on a phone's screen at once. */
const atOnce = 8;

interface Props {
  form: DraftStore;
  list: ChainList | null;
  /** The way the answer is about. */
  chosen: string | null;
  /** Whether the kit holds a treatment of its own. */
  kitTreats: boolean;
}

/** Which way? All that the kit allows in one picture; the best is taken until another is tapped. */
export function Ways({ form: { draft, set }, list, chosen, kitTreats }: Props) {
  const now = useNowMinute();
  const [all, setAll] = useState(false);
  if (list === null) return null;
  const order = list.orders.find((o) => o.sort === draft.sort) ?? list.orders[0];
  const sorted = order.ids.flatMap((id) => list.chains.find((chain) => chain.id === id) ?? []);
  const open = list.mayAcceptUntreated ? [untreatedWay, ...sorted] : sorted;
  const first = worthALook(open, chosen);
  const shown = all ? open : first;
  const chosenWay = open.find(({ id }) => id === chosen);
  const choose = (chain: ChainSummary) => set({ method: chain.id === list.best ? null : chain.id });
  return (
    <Section title="Which way?">
      <Typography>{list.bestReason}</Typography>
      <div>
        <WaysPicture
          chains={shown}
          best={list.best}
          chosen={chosen}
          darks={list.darks}
          now={now}
          onChoose={choose}
        />
        {chosenWay && <WayFacts chain={chosenWay} />}
      </div>
      {open.length > first.length && (
        <Button
          variant="outlined"
          startIcon={<ExpandMore sx={{ transform: all ? 'rotate(180deg)' : undefined }} />}
          aria-expanded={all}
          onClick={() => setAll(!all)}
          sx={{ justifySelf: 'start' }}
        >
          {all ? 'Fewer ways' : `All ${open.length} ways`}
        </Button>
      )}
      <ChoiceGroup
        label="Put first"
        choices={list.orders.map((o) => ({ id: o.sort, name: o.name }))}
        value={draft.sort}
        onChange={(sort) => set({ sort: sort as Draft['sort'] })}
      />
      <Box>
        <CountVirusesSwitch />
        {kitTreats && (
          <SwitchEntry
            label="Show what is not in my kit, too"
            checked={draft.beyondKit}
            onChange={(checked) => set({ beyondKit: checked, method: null })}
          />
        )}
        <MuiLink component={Link} to="/words">
          Words and schools
        </MuiLink>
      </Box>
    </Section>
  );
}

/** What is neither outdone nor refused, as many as can be taken in, and the chosen one. */
function worthALook(chains: ChainSummary[], chosen: string | null): ChainSummary[] {
  const usable = chains.filter(({ outcome, isOutdone }) => outcome !== 'refused' && !isOutdone);
  const first = (usable.length > 0 ? usable : chains).slice(0, atOnce);
  const missing = chains.filter(({ id }) => id === chosen && !first.some((chain) => chain.id === id));
  return [...first, ...missing];
}
