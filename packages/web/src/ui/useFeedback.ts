import { Button, Modal, message, notification } from './kit';
import { h } from 'vue';

/** A question before something is done that cannot be undone. */
export interface Question {
  title: string;
  content: string;
  /** What the deed is called, on its button. */
  deed: string;
  /** What leaving it is called. */
  leave?: string;
  danger?: boolean;
  act: () => Promise<unknown>;
}

/** Messages and questions, as the kit gives them. */
export interface Feedback {
  tell: (text: string) => void;
  fail: (error: unknown) => void;
  ask: (question: Question) => void;
  /** Says that something was done, with a button that takes it back. */
  offerUndo: (text: string, undo: () => Promise<unknown>) => void;
  /** Runs something that may fail, and says so if it does. @returns whether it succeeded */
  attempt: (act: () => Promise<unknown>) => Promise<boolean>;
}

/** How long an undo is offered, s. */
const UNDO_SECONDS = 12;

function fail(error: unknown): void {
  // Somebody ended it: that is no failure.
  if (error instanceof DOMException && error.name === 'AbortError') return;
  void message.error(error instanceof Error ? error.message : String(error));
}

async function attempt(act: () => Promise<unknown>): Promise<boolean> {
  try {
    await act();
    return true;
  } catch (e) {
    fail(e);
    return false;
  }
}

function ask({ title, content, deed, leave = 'Keep', danger = false, act }: Question): void {
  Modal.confirm({
    title,
    content,
    okText: deed,
    cancelText: leave,
    okButtonProps: { danger },
    autoFocusButton: 'cancel',
    onOk: () => attempt(act),
  });
}

function offerUndo(text: string, undo: () => Promise<unknown>): void {
  const key = `undo-${text}`;
  const takeBack = async (): Promise<void> => {
    notification.close(key);
    await attempt(undo);
  };
  notification.open({
    key,
    message: text,
    duration: UNDO_SECONDS,
    placement: 'bottomRight',
    btn: () => h(Button, { type: 'primary', size: 'small', onClick: takeBack }, () => 'Undo'),
  });
}

/** Tells, asks and reports failures the same way everywhere. */
export function useFeedback(): Feedback {
  return { tell: text => void message.success(text), fail, ask, offerUndo, attempt };
}
