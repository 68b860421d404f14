import { Checkbox, FormControlLabel } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { Section } from '../../../shared/Section';
import { SelectEntry } from '../../../shared/SelectEntry';
import { SignPicker } from '../../treat/source/SignPicker';
import type { Draft } from '../draft';
import { useScarce } from '../ScarceContext';

/** Water of any kind that is at hand here, and what there is to treat it with. */
export function HereForm() {
  const { lists, clarities } = useCatalogue();
  const { draft, set, isDefault } = useScarce();
  return (
    <Section title="Water here">
      <FormControlLabel
        sx={{ minHeight: 48 }}
        control={
          <Checkbox checked={draft.waterHere} onChange={(e) => set({ waterHere: e.target.checked })} />
        }
        label="There is water here, of whatever kind"
      />
      {draft.waterHere && (
        <>
          <SelectEntry
            label="Kind of source"
            choices={lists.sourceKinds}
            value={draft.hereKind}
            isDefault={isDefault('hereKind')}
            onChange={(hereKind) => set({ hereKind: hereKind as Draft['hereKind'] })}
          />
          {!lists.caughtKinds.includes(draft.hereKind) && (
            <ChoiceGroup
              label="How it moves"
              choices={lists.flows}
              value={draft.hereFlow}
              isDefault={isDefault('hereFlow')}
              onChange={(hereFlow) => set({ hereFlow: hereFlow as Draft['hereFlow'] })}
            />
          )}
          <ChoiceGroup
            label="Clarity"
            choices={clarities}
            value={draft.hereClarity}
            isDefault={isDefault('hereClarity')}
            onChange={(hereClarity) => set({ hereClarity: hereClarity as Draft['hereClarity'] })}
          />
          <SignPicker seen={draft.hereSeen} onChange={(hereSeen) => set({ hereSeen })} />
        </>
      )}
      {draft.waterHere && (
        <ChoiceGroup
          label="What there is to treat it with"
          choices={lists.scarce.means}
          value={draft.means}
          isDefault={isDefault('means')}
          onChange={(means) => set({ means: means as Draft['means'] })}
        />
      )}
    </Section>
  );
}
