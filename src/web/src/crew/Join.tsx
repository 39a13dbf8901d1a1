import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, must } from "../api/client";
import { useEntered } from "../model/me";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { Field } from "../parts/Field";
import { Tick } from "../parts/Tick";
import { words } from "../words";
import { crewWords as w } from "../words/crew";
import { Door, Wrong } from "./Door";
import { Secret } from "./Secret";

/** Comes in by an invitation: its word stands behind the # of the address, and goes to the program in a body. */
export default function Join() {
  const [word] = useState(() => location.hash.slice(1));
  const navigate = useNavigate();
  const entered = useEntered();
  const [name, setName] = useState("");
  const [password, setPassword] = useState("");
  const [keep, setKeep] = useState(true);
  const invited = useQuery({
    queryKey: ["invited", word],
    enabled: word !== "",
    retry: false,
    staleTime: Infinity,
    queryFn: () => must(api.POST("/api/invited", { body: { word } })),
  });
  const join = useMutation({
    mutationFn: () => must(api.POST("/api/join", { body: { word, password, name: invited.data?.name ?? name, keep } })),
    onSuccess: (me) => {
      entered(me);
      void navigate(address.jobs, { replace: true });
    },
  });
  if (word === "") return <Door title={w.joinTitle} says={w.noWord} onEnter={() => undefined} children={null} />;
  if (invited.error) return <Door title={w.joinTitle} says={invited.error.message} onEnter={() => undefined} children={null} />;
  if (!invited.data) return <p className="text-ink-2">{words.loading}</p>;
  const known = invited.data.name;
  return (
    <Door title={known ? w.joinNew(known) : w.joinTitle} says={w.joinAs[invited.data.role]} onEnter={() => join.mutate()}>
      {!known && <Field label={w.joinName} value={name} onType={setName} />}
      <Secret label={w.joinPassword} value={password} onType={setPassword} hint={w.joinHint} isNew />
      <Tick label={w.keep} on={keep} turn={setKeep} />
      <Button look="main" type="submit" disabled={(!known && name.trim() === "") || password === "" || join.isPending}>
        {w.enter}
      </Button>
      <Wrong error={join.error} />
    </Door>
  );
}
