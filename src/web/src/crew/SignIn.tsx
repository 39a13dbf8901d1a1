import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, must } from "../api/client";
import { useEntered } from "../model/me";
import { Button } from "../parts/controls";
import { Field } from "../parts/Field";
import { Tick } from "../parts/Tick";
import { crewWords as w } from "../words/crew";
import { Secret } from "./Secret";
import { Door, Wrong } from "./Door";

/** The door: name and password. */
export default function SignIn() {
  const [name, setName] = useState("");
  const [password, setPassword] = useState("");
  const [keep, setKeep] = useState(false);
  const entered = useEntered();
  const enter = useMutation({
    mutationFn: () => must(api.POST("/api/sign-in", { body: { name, password, keep } })),
    onSuccess: entered,
  });
  return (
    <Door title={w.signIn} says={w.signInSays} onEnter={() => enter.mutate()}>
      <Field label={w.name} value={name} onType={setName} />
      <Secret label={w.password} value={password} onType={setPassword} />
      <Tick label={w.keep} on={keep} turn={setKeep} />
      <p className="text-sm text-ink-2">{w.keepNot}</p>
      <Button look="main" type="submit" disabled={name.trim() === "" || password === "" || enter.isPending}>
        {w.enter}
      </Button>
      <Wrong error={enter.error} />
      <p className="text-sm text-ink-2">{w.noPassword}</p>
    </Door>
  );
}
