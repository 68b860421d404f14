import { Stack } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { TickGroup } from '../../../shared/TickGroup';

type Sign = Schema<'BodySign'>;

interface Props {
  ticked: Sign[];
  onChange: (ticked: Sign[]) => void;
}

/** What is felt and seen on somebody, ticked: the grave ones first, on their own. */
export function SignTicks({ ticked, onChange }: Props) {
  const signs = useCatalogue().lists.bodySigns;
  const group = (title: string, isGrave: boolean) => {
    const choices = signs.filter(({ grave }) => grave === isGrave);
    const others = ticked.filter((sign) => !choices.some((choice) => choice.sign === sign));
    return (
      <TickGroup
        title={title}
        choices={choices.map(({ sign, name, grave }) => ({ id: sign, name, grave }))}
        ticked={ticked}
        onChange={(now) => onChange([...others, ...now.filter((sign) => !others.includes(sign))])}
      />
    );
  };
  return (
    <Stack spacing={1.5}>
      {group('Any of these: an emergency', true)}
      {group('And these', false)}
    </Stack>
  );
}
