'use client';

import { type HandAction, type NotFree, notFree, TUNE } from '@/core/hands';
import { speak } from '@/trade/hands/use-alarms';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { useKnocks } from './use-knocks';
import { usePedal } from './use-pedal';

const WHY_NOT: Readonly<Record<NotFree, string>> = {
  judged: 'Not recorded: it wants a verdict. Touch what you see.',
  figure: 'Not recorded: it wants its grams. Type them.',
  early: 'Not recorded: it is too early.',
  past: 'Not recorded: it is past its window. Look first, then touch.',
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
    if (!free) return speak('Not recorded: say first who is at this device.');
    if (!action) return speak(`${over}.`);
    const why = notFree(action, nowMs);
    if (why) return speak(WHY_NOT[why]);
    const { done, number } = action;
    const stored = await onRecord(action);
    speak(stored ? `${done}. ${number}.` : `Not recorded: ${number}. Look at the screen.`);
  };
  const back = async (): Promise<void> => {
    if (!lastDone) return speak('Nothing was recorded here that could be taken back.');
    await onTakeBack();
    speak(`Taken back: ${lastDone}.`);
  };
  const knocks = useKnocks((call) => void (call === 'two' ? record() : back()));
  const pedal = usePedal(() => void record());
  return (
    <Fold
      line="strong"
      lineClass="text-xl"
      says={
        knocks.state === 'listening'
          ? 'Hands free: listening for knocks'
          : pedal.key
            ? 'Hands free: by pedal'
            : 'Hands free: knocks or a pedal'
      }
    >
      <p className="max-w-prose">
        Two knocks on the bench record what is next, three take it back. Only an act inside its window that needs no figure and no
        verdict is recorded so, and it is said back aloud. The microphone hears how loud it is and nothing else; no sound is kept
        or leaves this device.
      </p>
      <div className="my-2 flex flex-wrap items-center gap-4">
        {knocks.state === 'listening' || knocks.state === 'tuning' ? (
          <Button big onClick={knocks.turnOff}>
            Stop listening
          </Button>
        ) : (
          <Button big onClick={knocks.turnOn}>
            Listen for knocks
          </Button>
        )}
        <p role="status" className="font-semibold">
          {knocks.state === 'tuning'
            ? `Knock ${TUNE.knocks} times, a second apart, as you will: ${knocks.heard} of ${TUNE.knocks} heard.`
            : knocks.state === 'listening'
              ? '● Listening.'
              : ''}
          {knocks.state === 'not-secure'
            ? '▲ Not over plain http: browsers lend the microphone only to a secure address (https), or on the shop’s own machine. A pedal works here.'
            : ''}
          {knocks.state === 'refused' ? '▲ The browser did not lend its microphone. Allow it for this page, or use a pedal.' : ''}
          {knocks.state === 'unlike' ? '▲ Those three were too unlike each other. Try again, on one spot.' : ''}
        </p>
      </div>
      <div className="my-2 flex flex-wrap items-center gap-4">
        <Button big onClick={pedal.learn}>
          {pedal.learning ? 'Press the pedal now …' : 'A pedal or clicker'}
        </Button>
        {pedal.key ? (
          <>
            <span className="reading">{pedal.key}</span>
            <Button look="quiet" onClick={pedal.forget}>
              No pedal
            </Button>
          </>
        ) : null}
      </div>
    </Fold>
  );
}
