'use client';

import { type HandAction, type NotFree, notFree, TUNE } from '@/core/hands';
import { handsFree as wording } from '@/messages/screens/bench';
import { speak } from '@/trade/hands/use-alarms';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { useKnocks } from './use-knocks';
import { usePedal } from './use-pedal';

const WHY_NOT: Readonly<Record<NotFree, string>> = {
  judged: wording.notRecordedItWants,
  figure: wording.notRecordedItWantsIts,
  early: wording.notRecordedItIs,
  past: wording.notRecordedItIsPast,
};

type Props = {
  readonly action: HandAction | null;
  /** What is said where there is none. */
  readonly over: string;
  readonly nowMs: number;
  /** Somebody is at this device, and nothing is being recorded. */
  readonly free: boolean;
  readonly onRecord: (action: HandAction) => Promise<boolean>;
  readonly onTakeBack: () => Promise<void>;
  /** What was recorded here last, and may be taken back. */
  readonly lastDone: string | null;
};

/** Recording without hands: two knocks on the bench, or a pedal; only what is inside its window and needs nothing else. Said back aloud. */
export function HandsFree({ action, over, nowMs, free, onRecord, onTakeBack, lastDone }: Props) {
  const record = async (): Promise<void> => {
    if (!free) return speak(wording.notRecordedSayFirst);
    if (!action) return speak(`${over}.`);
    const why = notFree(action, nowMs);
    if (why) return speak(WHY_NOT[why]);
    const { done, number } = action;
    const stored = await onRecord(action);
    speak(stored ? `${done}. ${number}.` : wording.notRecordedLookAt(number));
  };
  const back = async (): Promise<void> => {
    if (!lastDone) return speak(wording.nothingWasRecordedHere);
    await onTakeBack();
    speak(wording.takenBack(lastDone));
  };
  const knocks = useKnocks((call) => void (call === 'two' ? record() : back()));
  const pedal = usePedal(() => void record());
  return (
    <Fold
      line="strong"
      lineClass="text-xl"
      says={
        knocks.state === 'listening'
          ? wording.handsFreeListeningFor
          : pedal.key
            ? wording.handsFreeByPedal
            : wording.handsFreeKnocksOr
      }
    >
      <p className="max-w-prose">{wording.twoKnocksOnThe}</p>
      <div className="my-2 flex flex-wrap items-center gap-4">
        {knocks.state === 'listening' || knocks.state === 'tuning' ? (
          <Button big onClick={knocks.turnOff}>
            {wording.stopListening}
          </Button>
        ) : (
          <Button big onClick={knocks.turnOn}>
            {wording.listenForKnocks}
          </Button>
        )}
        <p role="status" className="font-semibold">
          {knocks.state === 'tuning'
            ? wording.knockTimesASecond(TUNE.knocks, knocks.heard)
            : knocks.state === 'listening'
              ? wording.listening
              : ''}
          {knocks.state === 'not-secure' ? wording.notOverPlainHttp : ''}
          {knocks.state === 'refused' ? wording.theBrowserDidNot : ''}
          {knocks.state === 'unlike' ? wording.thoseThreeWereToo : ''}
        </p>
      </div>
      <div className="my-2 flex flex-wrap items-center gap-4">
        <Button big onClick={pedal.learn}>
          {pedal.learning ? wording.pressThePedalNow : wording.aPedalOrClicker}
        </Button>
        {pedal.key ? (
          <>
            <span className="reading">{pedal.key}</span>
            <Button look="quiet" onClick={pedal.forget}>
              {wording.noPedal}
            </Button>
          </>
        ) : null}
      </div>
    </Fold>
  );
}
