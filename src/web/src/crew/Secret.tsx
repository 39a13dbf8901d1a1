import { useState } from "react";
import { crewWords as w } from "../words/crew";
import { Tick } from "../parts/Tick";

/** A password, which can be shown: on a phone one mistypes what one does not see. */
export function Secret({ label, value, onType, isNew, hint }: Props) {
  const [shown, setShown] = useState(false);
  return (
    <div className="flex flex-col gap-1">
      <label className="block">
        <span className="mb-1 block text-sm text-ink-2">{label}</span>
        <input
          type={shown ? "text" : "password"}
          autoComplete={isNew ? "new-password" : "current-password"}
          maxLength={128}
          placeholder={hint}
          value={value}
          onChange={(e) => onType(e.target.value)}
          className="min-h-11 w-full rounded-lg border-2 border-rule bg-card px-2.5"
        />
      </label>
      <Tick label={w.show} on={shown} turn={setShown} />
    </div>
  );
}

type Props = {
  label: string;
  value: string;
  onType: (text: string) => void;
  isNew?: boolean;
  hint?: string;
};
