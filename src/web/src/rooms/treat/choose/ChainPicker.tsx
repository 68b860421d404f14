import { Box, Link as MuiLink, Typography } from '@mui/material';
import { Link } from 'react-router';
import type { ChainList } from '../../../core/contract';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { Section } from '../../../shared/Section';
import type { Draft } from '../draft';
import type { DraftStore } from '../useDraft';
import { ChainOption } from './ChainOption';
import { CountVirusesSwitch } from '../../../shared/CountVirusesSwitch';
import { SwitchEntry } from '../../../shared/SwitchEntry';

interface Props {
  form: DraftStore;
  list: ChainList | null;
  /** The chain the answer is about. */
  chosen: string | null;
  /** Whether the kit holds a treatment of its own. */
  kitTreats: boolean;
  /** Whether drinking it untreated is open. */
  untreated: boolean;
}

/** Every way to treat this water, side by side; the best is taken until another is tapped. */
export function ChainPicker({ form: { draft, set }, list, chosen, kitTreats, untreated }: Props) {
  if (list === null) return null;
  const order = list.orders.find((o) => o.sort === draft.sort) ?? list.orders[0];
  const chains = order.ids.flatMap((id) => list.chains.find((chain) => chain.id === id) ?? []);
  return (
    <Section title="Choose a way">
      <Typography>
        {list.bestReason}{' '}
        <MuiLink component={Link} to="/words">
          Words and schools
        </MuiLink>
      </Typography>
      <ChoiceGroup
        label="Put first"
        choices={list.orders.map((o) => ({ id: o.sort, name: o.name }))}
        value={draft.sort}
        onChange={(sort) => set({ sort: sort as Draft['sort'] })}
      />
      <Box role="radiogroup" aria-label="Way to treat it" sx={{ display: 'grid', gap: 1 }}>
        {untreated && (
          <ChainOption
            chain={asItIs}
            best={false}
            chosen={chosen === asItIs.id}
            onChoose={() => set({ method: asItIs.id })}
          />
        )}
        {chains.map((chain) => (
          <ChainOption
            key={chain.id}
            chain={chain}
            best={chain.id === list.best}
            chosen={chain.id === chosen}
            onChoose={() => set({ method: chain.id === list.best ? null : chain.id })}
          />
        ))}
      </Box>
      <CountVirusesSwitch />
      {kitTreats && (
        <SwitchEntry
          label="Show what is not in my kit, too"
          checked={draft.beyondKit}
          onChange={(checked) => set({ beyondKit: checked, method: null })}
        />
      )}
    </Section>
  );
}

const asItIs = {
  id: 'untreated',
  name: 'Drink it as it is',
  headline: 'Accepted untreated',
  outcome: 'accepted' as const,
  why: 'Your own choice: nothing is taken out.',
  classes: [],
  clearFirst: '',
  handsOnMinutes: 0,
  drinkableMinutes: null,
  supplies: '',
  taste: '',
  risks: [],
};
