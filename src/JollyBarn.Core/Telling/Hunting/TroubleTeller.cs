using JollyBarn.Electrics.Faults;
using JollyBarn.Telling.Phrases;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Hunting;

/// <summary>A complaint with everything that follows from what was observed, in words.</summary>
/// <param name="Urgent">What comes first: metal that may be live, something warm.</param>
/// <param name="Nothing">Ids of the observations that say it is none of what the program knows; empty while something explains
/// them.</param>
/// <param name="Found">Whether one class of suspects is sure enough to open and see.</param>
/// <param name="Where">Boxes of the scene with what is left of the belief there.</param>
/// <param name="Hidden">A fault planted for practice.</param>
public sealed record ToldTrouble(
    string Id,
    string Says,
    string By,
    string At,
    string? Closed,
    bool Hidden,
    IReadOnlyList<ToldUrgent> Urgent,
    IReadOnlyList<ToldObserved> Observed,
    IReadOnlyList<ToldLateWork> Worked,
    IReadOnlyList<ToldApart> Apart,
    IReadOnlyList<ToldSuspect> Suspects,
    IReadOnlyList<string> Nothing,
    bool Found,
    IReadOnlyList<ToldTrial> Next,
    IReadOnlyList<ToldShare> Where,
    IReadOnlyList<ToldFoundCause> Causes,
    IReadOnlyList<ToldAgain> Again
);

/// <summary>Tells a complaint.</summary>
/// <param name="by">Who looks: proofs and holds are of a person.</param>
/// <param name="now">ISO 8601.</param>
public sealed class TroubleTeller(Job job, string id, string by, Means means, string now)
{
    private const int Shown = 8;
    private const int Named = 3;

    private readonly Complaint complaint = job.Complaints[id];

    /// <param name="at">Hears how far it is, 0 to 1.</param>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    public ToldTrouble Tell(Action<double>? at = null, CancellationToken stop = default)
    {
        var scene = Scene.Of(job, complaint);
        var suspects = Tracing.Hunting.Suspects.Of(scene, complaint, at: at, stop: stop);
        var next = complaint.Observed.Count == 0 ? null : NextTrial.Of(suspects, means);
        var top = Classes(scene, suspects);
        var nothing = suspects.All is [{ Suspect.Kind: SuspectKind.None }, ..] ? suspects.Unexplained.Take(Named).ToList() : [];
        return new(
            id,
            complaint.Says,
            complaint.By,
            complaint.At,
            complaint.Closed,
            complaint.Hidden is not null,
            [.. Urgent(top)],
            [
                .. complaint
                    .Observed.OrderBy(o => o.Value.At, StringComparer.Ordinal)
                    .Select(o => new ToldObserved(
                        o.Key,
                        LookWords.Observed(job, o.Value),
                        o.Value.By,
                        o.Value.At,
                        suspects.All is [{ Suspect.Kind: SuspectKind.Fault } first, ..] && o.Value.Again is null
                            ? first.Explains.Contains(o.Key)
                            : null
                    )),
            ],
            [.. complaint.Worked.Select(w => new ToldLateWork(w.Key, Worked(w.Value)))],
            [.. complaint.Apart.Select(a => new ToldApart(a, Line.Start(LookWords.CableEnd(job, a))))],
            complaint.Observed.Count == 0 ? [] : top,
            nothing,
            next is { Found: true } && suspects.All[0].Suspect.Kind == SuspectKind.Fault,
            [.. next?.Ranked.Select(r => Tell(scene, r)) ?? []],
            complaint.Observed.Count == 0 ? [] : [.. Share.Of(suspects).Select(s => Tell(scene, s))],
            [.. complaint.Found.Select(f => Cause(f.Key, f.Value))],
            [.. Again(scene)]
        );
    }

    private ToldShare Tell(Scene scene, Share share)
    {
        var feed = scene.Feed(share.Box);
        var cut = feed is { Run: var run } && complaint.Apart.Any(a => Subjects.CableEnd(a)?.Run == run);
        return new(share.Box, job.Boxes[share.Box].Name, share.Part, share.Case, feed?.From, cut);
    }

    /// <summary>Suspects that no allowed test tells apart are one, likeliest first.</summary>
    private List<ToldSuspect> Classes(Scene scene, Suspects suspects)
    {
        var asked = Trials.Of(scene, means).Select(t => t.Asked).ToList();
        var classes = new List<(IReadOnlyList<Prediction> Row, List<Believed> Of)>();
        foreach (var one in suspects.All.Take(4 * Shown))
        {
            IReadOnlyList<Prediction> row = one.Suspect.Kind == SuspectKind.Fault ? Predicting.Of(scene, one.Suspect, asked) : [];
            var same = classes.FindIndex(c => c.Row.Count > 0 && Prediction.Same(c.Row, row));
            if (same < 0)
            {
                classes.Add((row, [one]));
            }
            else
            {
                classes[same].Of.Add(one);
            }
        }

        return [.. classes.Select(c => Tell(scene, c.Of)).OrderByDescending(s => s.Belief).Take(Shown)];
    }

    private ToldSuspect Tell(Scene scene, List<Believed> of)
    {
        var first = of[0];
        var harm = first.Suspect.Kind == SuspectKind.Fault ? Harm.Of(scene, first.Suspect) : null;
        return new(
            first.Suspect.Key,
            SuspectWords.Of(job, first.Suspect),
            of.Sum(o => o.Belief),
            [.. of.SelectMany(o => o.Suspect.Faults).SelectMany(f => f.Boxes(job)).Distinct()],
            [.. of.Skip(1).Select(o => SuspectWords.Of(job, o.Suspect))],
            first.Explains,
            first.Against,
            harm is null ? "" : LookWords.Does(job, harm),
            harm is not null,
            [.. first.Suspect.Faults.Select(f => f.Offer.Case).Distinct().Select(SuspectWords.Mend)],
            [
                .. first.Suspect.Faults.Select(f => new ToldFault(
                    f.Box,
                    f.Offer.Case.ToString(),
                    f.Offer.About.ToString(),
                    SuspectWords.Of(job, f)
                )),
            ]
        );
    }

    private IEnumerable<ToldUrgent> Urgent(IReadOnlyList<ToldSuspect> suspects)
    {
        const double may = 0.1;
        var seen = complaint.Observed.Values.Where(o => o.Again is null).Select(o => o.Shows).ToHashSet();
        if (seen.Contains(SeenCase.Felt))
        {
            yield return new(
                "Somebody got a shock: metal there may be live.",
                "Switch the circuit off now, tag it, keep everybody off it. That it worked for years clears nothing."
            );
        }

        if (seen.Contains(SeenCase.Warm))
        {
            yield return new(
                "Something is warm or smells: a joint may be burning.",
                "Switch the circuit off now and leave it off. Where there is smoke, leave and call the fire service."
            );
        }

        if (suspects.FirstOrDefault(s => s.Hurts && s.Belief >= may) is { } hurts && !seen.Contains(SeenCase.Felt))
        {
            yield return new(
                $"If it is this, {hurts.Does[..1].ToLowerInvariant()}{hurts.Does[1..]}",
                "Keep off it until it is off and proved dead."
            );
        }
    }

    private string Worked(LateWork work) =>
        $"{work.Who} worked in {job.Boxes.Find(work.Box)?.Name}{(work.When is { } when ? $", {when}" : "")}, as told";

    private ToldTrial Tell(Scene scene, RankedTrial ranked)
    {
        var trial = ranked.Trial;
        return new(
            trial.Key,
            trial.Case,
            TrialWords.Title(trial.Case),
            TrialWords.Minds(trial.Case),
            ToldLook.Of(job, trial.Asked),
            trial.Minutes,
            trial.Live,
            [.. trial.Opens.Select(Name)],
            [.. trial.Opens.Where(b => Proofs.Judge(job, b, by, now).Standing != ProofStanding.Proved).Select(Name)],
            [.. Waits(scene, trial)],
            Livens(trial) ? [.. scene.Boxes.Where(b => Standing(b).Contains(by)).Select(Name)] : [],
            [
                .. ranked.Outcomes.Select(o => new ToldLeaves(
                    LookWords.Of(o.Sight),
                    o.Chance,
                    o.Left.Count,
                    [.. o.Left.Take(Named).Select(l => SuspectWords.Of(job, l.Suspect))]
                )),
            ]
        );
    }

    /// <summary>What is dead may be live after it: something is switched on, or a switch is thrown.</summary>
    private static bool Livens(Trial trial) => trial.Asked.Look.Kind == LookKind.Guard || trial.Asked.Setup.Thrown.Count > 0;

    /// <summary>Why nothing is switched on now: somebody else holds the breaker, or has proved a box dead and may have hands in
    /// it.</summary>
    private IEnumerable<string> Waits(Scene scene, Trial trial)
    {
        if (trial.Asked.Look.Kind != LookKind.Guard && trial.Asked.Setup.Off.Count > 0)
        {
            yield break;
        }

        foreach (var key in Trials.Breakers(scene))
        {
            foreach (var holder in BreakerKey.Find(job, key)?.Breaker.HeldBy.Where(h => h != by) ?? [])
            {
                var slot = key[(key.IndexOf('/', StringComparison.Ordinal) + 1)..];
                yield return $"{holder} holds breaker {slot}: ask before anything is switched on.";
            }
        }

        foreach (var (box, other) in scene.Boxes.SelectMany(b => Standing(b).Where(o => o != by).Select(o => (b, o))))
        {
            yield return $"{other} proved {job.Boxes[box].Name} dead and may have hands in it: ask first.";
        }
    }

    private IEnumerable<string> Standing(Id<Box> box) =>
        job
            .Proofs.Values.Where(p => p.Box == box && p.Ended is null)
            .Select(p => p.By)
            .Distinct()
            .Where(p => Proofs.Judge(job, box, p, now).Standing == ProofStanding.Proved);

    private ToldFoundCause Cause(string of, FoundFault found) =>
        new(
            of,
            new(found.Box, found.Case, found.Details, Says(found)),
            found.Who,
            found.When,
            found.Change,
            complaint.Hidden is null ? [.. SameHand.Of(job, found).Select(Name)] : []
        );

    private string Says(FoundFault found)
    {
        var scene = Scene.Of(job, [found.Box]);
        var offer = job.Boxes.Has(found.Box)
            ? FaultOffers
                .At(scene.Recorded, found.Box, scene.Job.Boxes[found.Box])
                .FirstOrDefault(o => o.Case.ToString() == found.Case && o.About.ToString() == found.Details)
            : null;
        return offer is null ? job.Boxes.Find(found.Box)?.Name ?? "A box" : SuspectWords.Of(job, new Planted(found.Box, offer));
    }

    /// <summary>Once a cause is found: what was wrong is asked again, and what it should show then.</summary>
    private IEnumerable<ToldAgain> Again(Scene scene)
    {
        if (complaint.Found.Count == 0)
        {
            yield break;
        }

        var looks = complaint
            .Observed.Where(o => o.Value.Again is null && o.Value.Look.Kind is not (LookKind.Inside or LookKind.Tug))
            .OrderBy(o => o.Value.At, StringComparer.Ordinal)
            .Select(o => (Id: o.Key, Asked: new AskedLook(Put(o.Value.Setup ?? Setup.AsItIs), o.Value.Look, o.Value.Shock)));
        foreach (var same in looks.GroupBy(l => l.Asked.Key))
        {
            var (of, asked) = same.First();
            var predicted = Predicting.Of(scene, Suspect.Sound, [asked])[0];
            var last = complaint
                .Observed.Values.Where(o => same.Any(s => s.Id == o.Again))
                .OrderBy(o => o.At, StringComparer.Ordinal)
                .LastOrDefault();
            yield return new(
                of,
                ToldLook.Of(job, asked),
                LookWords.Of(predicted.Likeliest),
                last is null ? null : Likelihood.Explains(last, predicted)
            );
        }
    }

    /// <summary>As it lies when everything is back in its place.</summary>
    private static Setup Put(Setup setup) => setup with { Apart = [], Swapped = [] };

    private ToldBoxName Name(Id<Box> box) => new(box, job.Boxes[box].Name);
}
