import { useEffect, useRef, useState } from "react";

type Ears = {
  lang: string;
  continuous: boolean;
  onresult: ((e: { results: SpeechRecognitionResultList }) => void) | null;
  onend: (() => void) | null;
  start: () => void;
  stop: () => void;
};

declare global {
  interface Window {
    SpeechRecognition?: new () => Ears;
    webkitSpeechRecognition?: new () => Ears;
  }
}

/** The screen stays on while a card is open, where the browser can keep it on. */
export function useAwake() {
  const [on, setOn] = useState(false);
  useEffect(() => {
    let held: WakeLockSentinel | null = null;
    let gone = false;
    const hold = () => {
      if (document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
      navigator.wakeLock.request("screen").then(
        (lock) => {
          if (gone) void lock.release();
          else {
            held = lock;
            setOn(true);
          }
        },
        () => setOn(false),
      );
    };
    hold();
    document.addEventListener("visibilitychange", hold);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", hold);
      void held?.release();
    };
  }, []);
  return on;
}

/** Reads what is on the screen aloud, where the browser has a voice. */
export function useAloud(text: string) {
  const can = "speechSynthesis" in window;
  const [on, setOn] = useState(false);
  useEffect(() => {
    if (!on) return;
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(text));
    return () => speechSynthesis.cancel();
  }, [on, text]);
  return { can, on, turn: () => setOn(!on) };
}

/** Hears "done" and "back", where the browser listens. */
export function useEars(onDone: () => void, onBack: () => void) {
  const Made = window.SpeechRecognition ?? window.webkitSpeechRecognition;
  const [on, setOn] = useState(false);
  const act = useRef({ onDone, onBack });
  useEffect(() => {
    act.current = { onDone, onBack };
  });
  useEffect(() => {
    if (!on || !Made) return;
    const ears = new Made();
    let stop = false;
    ears.lang = "en-US";
    ears.continuous = true;
    ears.onresult = (e) => {
      const said = e.results[e.results.length - 1]?.[0]?.transcript.trim().toLowerCase() ?? "";
      if (/\b(done|next)$/.test(said)) act.current.onDone();
      if (/\bback$/.test(said)) act.current.onBack();
    };
    ears.onend = () => {
      if (!stop) ears.start();
    };
    ears.start();
    return () => {
      stop = true;
      ears.stop();
    };
  }, [on, Made]);
  return { can: Made !== undefined, on, turn: () => setOn(!on) };
}
