import { useCatalogue } from '../../../store/CatalogueContext';
import type { Kept } from '../../../store/records';
import type { FieldErrors } from '../fieldErrors';
import type { DraftStore } from '../useDraft';
import { BoilForm } from './BoilForm';
import { ChemicalForm } from './ChemicalForm';
import { SkyForm } from './SkyForm';

interface Props {
  form: DraftStore;
  kit: Kept<'kit-item'>[];
  errors: FieldErrors;
  /** The barriers of the chain at hand. */
  parts: string[];
  snow: boolean;
}

/** What the chosen way needs to be told besides the water. */
export function MethodForms({ form, kit, errors, parts, snow }: Props) {
  const { methods } = useCatalogue();
  const inKit = parts.flatMap((id) => kit.find((item) => item.id === id)?.body ?? []);
  const generic = methods.filter((method) => parts.includes(method.id));
  const genericBoil = generic.some((method) => method.active === null);
  const product = inKit.find((item) => item.kind === 'product')?.product;
  const profileId = product?.profileId ?? generic.find((method) => method.active !== null)?.id;
  const boils = genericBoil || inKit.some((item) => item.kind === 'burner') || snow;
  const sun = parts.includes('sunlight');
  return (
    <>
      {boils && <BoilForm form={form} kit={kit} errors={errors} asksBurner={genericBoil} />}
      {profileId && (
        <ChemicalForm form={form} errors={errors} profileId={profileId} ofKit={product != null} />
      )}
      {(boils || sun || inKit.some((item) => item.kind === 'lamp')) && (
        <SkyForm form={form} errors={errors} asksSun={sun} />
      )}
    </>
  );
}
