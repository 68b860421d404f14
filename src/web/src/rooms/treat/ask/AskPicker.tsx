import { Button, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import type { FieldErrors } from '../fieldErrors';
import { ClarityPicture } from '../pictures/ClarityPicture';
import { ColourPicture } from '../pictures/ColourPicture';
import { FlowPicture } from '../pictures/FlowPicture';
import { KindPicture } from '../pictures/KindPicture';
import type { DraftStore } from '../useDraft';
import { askFields } from './askFields';
import { PicturePick } from './PicturePick';
import { SignsAsk } from './SignsAsk';
import type { Entry } from '../../../shared/entered';

interface Props {
  field: string;
  form: DraftStore;
  errors: FieldErrors;
}

const yesOrNo = [
  { id: 'true', name: 'Yes' },
  { id: 'false', name: 'No' },
];

/** What takes the answer to one question: pictures to match where there are any. */
export function AskPicker({ field, form: { draft, set, isDefault }, errors }: Props) {
  const catalogue = useCatalogue();
  const ask = askFields[field];
  switch (ask?.by) {
    case 'signs':
      return <SignsAsk seen={draft.seen} onChange={(seen) => set({ seen })} />;
    case 'kind':
      return (
        <PicturePick
          label={ask.name}
          choices={catalogue.lists.sourceKinds}
          value={draft.sourceKind}
          picture={(kind) => <KindPicture kind={kind} />}
          onChange={(sourceKind) => set({ sourceKind })}
          least={76}
        />
      );
    case 'flow':
      return (
        <PicturePick
          label={ask.name}
          choices={catalogue.lists.flows}
          value={draft.flow}
          picture={(flow) => <FlowPicture flow={flow} />}
          onChange={(flow) => set({ flow })}
          least={80}
        />
      );
    case 'clarity':
      return (
        <PicturePick
          label="Clarity"
          choices={catalogue.clarities}
          value={draft.clarity}
          picture={(clarity) => <ClarityPicture clarity={clarity} />}
          onChange={(clarity) => set({ clarity, clarityBy: 'class' })}
        />
      );
    case 'colour':
      return (
        <PicturePick
          label="Colour"
          choices={catalogue.colours}
          value={draft.colour}
          picture={(colour) => <ColourPicture colour={colour} />}
          onChange={(colour) => set({ colour })}
        />
      );
    case 'number':
      return (
        <NumberEntry
          label={ask.name}
          quantity={ask.quantity}
          step={ask.step}
          value={draft[ask.key] as Entry}
          isDefault={isDefault(ask.key)}
          onChange={(value) => set({ [ask.key]: value })}
          error={errors(field)}
          unknown="Not known"
        />
      );
    case 'choice':
      return (
        <ChoiceGroup
          label={ask.name}
          choices={ask.choices(catalogue)}
          value={draft[ask.key] as string}
          isDefault={isDefault(ask.key)}
          onChange={(value) => set({ [ask.key]: value })}
        />
      );
    case 'yesNo':
      return (
        <ChoiceGroup
          label={ask.name}
          choices={yesOrNo}
          value={String(draft[ask.key])}
          isDefault={isDefault(ask.key)}
          onChange={(value) => set({ [ask.key]: value === 'true' })}
        />
      );
    case 'kit':
      return (
        <Button component={Link} to="/kit" variant="outlined" sx={{ justifySelf: 'start' }}>
          Say it in the kit
        </Button>
      );
    case undefined:
      return <Typography>Answer it under “Everything that is counted”.</Typography>;
  }
}
