import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { api, must, newId, type Edit, type Schemas } from "../api/client";
import { useEdit, useHead } from "../model/job";
import { keys } from "../model/keys";
import { address } from "../parts/address";
import { Back } from "../parts/Back";
import { Button } from "../parts/controls";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { wayWords as w } from "../words/ways";
import { Asks } from "./Asks";
import { Offer } from "./Offer";
import { Rejected } from "./Rejected";
import { StockSheet } from "./StockSheet";
import { useWays, useWish } from "./useWish";
import { WayCard } from "./WayCard";
import { Weights } from "./Weights";
import { WishBar } from "./WishBar";

const today = () => new Date().toISOString().slice(0, 10);

/** From a wish to several ways: say it, answer what would change the answer, see the ways side by side, take one. */
export default function Ways() {
  const { job = "" } = useParams();
  const { wish, kind, put } = useWish();
  const head = useHead(job);
  const edit = useEdit(job);
  const navigate = useNavigate();
  const client = useQueryClient();
  const [weights, setWeights] = useState<Readonly<Record<string, number>>>({});
  const [offer, setOffer] = useState<Schemas["ToldWay"] | null>(null);
  const own = useQuery({
    queryKey: keys.of(job, "weights", head.data?.version),
    queryFn: () => must(api.GET("/api/jobs/{job}/weights", { params: { path: { job } } })),
    enabled: head.data !== undefined,
  });
  const ways = useWays(job, head.data?.version ?? 0, head.data ? wish : null, weights);
  if (head.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!head.data) return <Nowhere error={head.error} />;
  const take = (way: Schemas["ToldWay"]) => {
    const change = newId("c");
    void edit
      .mutateAsync({
        edit: {
          do: "batch",
          edits: [
            { do: "openChange", id: change, name: way.title.slice(0, 100), opened: today() },
            { do: "planEdit", change, id: newId("p"), edit: way.edit },
          ],
        } as Edit,
      })
      .then(
        () => navigate(address.changes(job)),
        () => undefined,
      );
  };
  const found = ways.data;
  // While it looks on, what is found so far stands in the place of the last answer.
  const shown = ways.soFar.length > 0 ? ways.soFar : (found?.ways ?? []);
  const old = ways.isPlaceholderData && ways.soFar.length === 0;
  const rate = weights["way.rate"] ?? own.data?.find((x) => x.key === "way.rate")?.value ?? 0;
  if (offer) return <Offer way={offer} rate={rate} name={head.data.name} onClose={() => setOffer(null)} />;
  return (
    <div className="mx-auto max-w-[96rem] pb-8">
      <Back to={address.changes(job)} name={words.changes} />
      <h1 className="text-2xl">{w.title}</h1>
      {!wish && <p className="mb-2 text-ink-2">{w.how}</p>}
      <WishBar job={job} head={head.data} kind={kind} wish={wish} put={put} />
      {found && wish && <Asks asks={found.asks} put={put} />}
      {ways.error && (
        <p role="alert" className="my-3 font-semibold text-barn">
          {ways.error.message}
        </p>
      )}
      {wish && ways.isFetching && (
        <p role="status" className="my-3 flex items-center gap-3 text-ink-2">
          {w.soFar(ways.soFar.length)}
          <Button look="quiet" onClick={() => void client.cancelQueries({ queryKey: keys.of(job, "ways") })}>
            {w.stop}
          </Button>
        </p>
      )}
      {wish && !ways.isFetching && (ways.isPending || ways.soFar.length > 0) && (
        <Button onClick={() => void ways.refetch()}>{w.again}</Button>
      )}
      {(found || shown.length > 0) && wish && (
        <div className={old ? "opacity-60" : ""} aria-busy={ways.isFetching}>
          {found?.between && !ways.isFetching && <p className="mt-3">{found.between}</p>}
          {shown.length === 0 && !ways.isFetching && <p className="my-3 font-semibold">{w.none}</p>}
          <ol aria-label={w.title} className="mt-3 grid items-start gap-3 md:grid-cols-2 xl:grid-cols-3">
            {shown.map((way, i) => (
              <WayCard
                key={way.key + way.title}
                job={job}
                version={head.data.version}
                way={way}
                first={i === 0}
                onTake={() => take(way)}
                onOffer={() => setOffer(way)}
              />
            ))}
          </ol>
          {found && !ways.isFetching && <Rejected rejected={found.rejected} open={found.ways.length === 0} />}
        </div>
      )}
      {own.data && wish && (
        <Weights
          own={own.data}
          moved={weights}
          onMove={(key, value) => setWeights({ ...weights, [key]: value })}
          onKeep={() => {
            const edits = Object.entries(weights).map(([key, value]) => ({ do: "setPractice", key, answer: String(value) }));
            edit.mutate({ edit: { do: "batch", edits } as Edit });
            setWeights({});
          }}
        />
      )}
      {wish && <StockSheet job={job} version={head.data.version} send={(e) => edit.mutate({ edit: e })} />}
    </div>
  );
}
