import { startTurned as wording } from '@/messages/screens/start';
import { Tick } from '@/ui/tick';
import { ProfileEditor } from '../components/profile-editor';
import type { FieldsProps } from './shared';

export const TurnedFields = ({ draft, faults, echo, onChange }: FieldsProps) => (
  <>
    <Tick checked={draft.solid} onChange={() => onChange({ solid: !draft.solid })}>
      {wording.solidNothingTurnedOut}
    </Tick>
    <ProfileEditor draft={draft} faults={faults} onChange={onChange} />
    <p className="reading text-soft" role="status">
      {echo ? `= ${echo}` : ''}
    </p>
  </>
);
