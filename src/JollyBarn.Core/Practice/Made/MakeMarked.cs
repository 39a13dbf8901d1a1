using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Inspection;
using JollyBarn.Practice.Spot;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Made;

/// <summary>What comes before what when a box is made up.</summary>
public enum MakeTurn
{
    Grounds,
    Neutrals,
    Hots,
    LoadSide,
    LineSide,
}

/// <summary>A lead that was put in its place out of turn.</summary>
/// <param name="Before">What the house's practice makes first.</param>
public sealed record MakeSlip(Id<Lead> Lead, MakeTurn Before);

/// <summary>The end of a lead that lies bare and is live.</summary>
/// <param name="Volts">Against the earth, V RMS.</param>
/// <param name="Milliamperes">Through the lowest of people to the earth.</param>
public sealed record BareEnd(Id<Lead> Lead, double Volts, double Milliamperes);

/// <summary>A box that was made up, marked.</summary>
/// <param name="Wishes">Each wish with what became of it.</param>
/// <param name="Ungrounded">Points of metal that lost their ground.</param>
/// <param name="Found">What the rules and the solved network say that is to be stopped or fixed, by box.</param>
/// <param name="Touched">What somebody could get a shock from, every breaker on.</param>
/// <param name="Bare">Ends that lie loose in the box, without a cap, and are live with every breaker on.</param>
/// <param name="Done">Every lead of a cable lies somewhere.</param>
/// <param name="Slips">Against the order of the house's practice.</param>
public sealed record MakeMarked(
    IReadOnlyList<(Wish Wish, WishOutcome Outcome)> Wishes,
    IReadOnlyList<(Id<Box> Box, Finding Finding)> Found,
    IReadOnlyList<string> Ungrounded,
    IReadOnlyList<LivePart> Touched,
    IReadOnlyList<BareEnd> Bare,
    bool Done,
    IReadOnlyList<MakeSlip> Slips
)
{
    /// <summary>True where every lead lies somewhere, every wish is kept, no rule is broken, and nothing live can be touched.</summary>
    public bool Right => Done && Found.Count == 0 && !Hurts && Wishes.All(w => w.Outcome == WishOutcome.Kept);

    /// <summary>Whether somebody could get a shock now, or once metal without a ground becomes live.</summary>
    private bool Hurts => Ungrounded.Count + Touched.Count + Bare.Count > 0;

    /// <param name="made">The house as the learner left it.</param>
    /// <param name="states">The box after each step of the work, first to last.</param>
    public static MakeMarked Of(MakeDrill drill, Job made, IReadOnlyList<Box> states)
    {
        ArgumentNullException.ThrowIfNull(drill);
        ArgumentNullException.ThrowIfNull(made);
        ArgumentNullException.ThrowIfNull(states);
        var works = Wish.Works(made);
        var known = drill
            .Sound.Boxes.Ids.Where(b => b != drill.Box)
            .SelectMany(b => SpotDrill.Wrong(drill.Sound, b).Select(f => (b, f.Key)))
            .ToHashSet();
        return new(
            [.. drill.Wishes.Select(w => (w, w.In(works)))],
            [
                .. made
                    .Boxes.Ids.OrderBy(b => b != drill.Box)
                    .SelectMany(b => SpotDrill.Wrong(made, b).Where(f => !known.Contains((b, f.Key))).Select(f => (b, f))),
            ],
            [.. Gone(drill.Sound).WorseMetal(Gone(made)).Order(StringComparer.Ordinal)],
            LiveParts.Of(made),
            [.. Bared(made, drill.Box)],
            made.Boxes[drill.Box].Leads.Values.All(l => l.Run is null || !IsFree(l)),
            [.. Out(drill, states)]
        );
    }

    /// <summary>How it went by what it asks for.</summary>
    public IReadOnlyList<SkillGrade> Graded() =>
        [
            new(Skill.MakeWorks, Works()),
            new(Skill.MakeRules, Rules()),
            // Of a box that is not made up nobody knows in what order it would be.
            .. Done ? new SkillGrade[] { new(Skill.MakeOrder, Order()) } : [],
        ];

    private Grade Works()
    {
        var kept = Wishes.Count(w => w.Outcome == WishOutcome.Kept);
        return kept == Wishes.Count ? Grade.Good
            : kept > 0 ? Grade.Hard
            : Grade.Again;
    }

    private Grade Rules() =>
        Found.Any(f => f.Finding.Verdict == Verdict.Stop) || Hurts ? Grade.Again
        : Found.Count > 0 ? Grade.Hard
        : Grade.Good;

    private Grade Order() =>
        Slips.Count switch
        {
            0 => Grade.Good,
            1 => Grade.Hard,
            _ => Grade.Again,
        };

    /// <summary>Loose ends at their worst, every switch one way and the other.</summary>
    private static IEnumerable<BareEnd> Bared(Job job, Id<Box> id)
    {
        var ways = new[] { true, false }.Select(on => Live.Fresh(job, LiveParts.With(job, on))).ToList();
        foreach (var (lead, of) in job.Boxes[id].Leads.Where(l => l.Value.LeavesBy is null && IsFree(l.Value)))
        {
            var point = of.Run is { } run ? Points.End(run, of.Side, of.Index) : Points.Own(id, lead.Text);
            var worst = ways.Where(l => l.Has(point))
                .Select(l => new BareEnd(lead, l.Volts(point).Magnitude, l.Through(point)))
                .MaxBy(e => e.Milliamperes);
            if (worst?.Milliamperes >= Live.Felt)
            {
                yield return worst;
            }
        }
    }

    /// <summary>The house gone over, every breaker on.</summary>
    private static Signature Gone(Job job) => Signature.Of(Live.Fresh(job, new Situation { Breakers = Signature.AllOn(job) }));

    private static IEnumerable<MakeSlip> Out(MakeDrill drill, IReadOnlyList<Box> states)
    {
        var practice = drill.Job.Practice;
        var hotsFirst = practice.Says(PracticeBook.Order, "hng");
        var lineFirst = practice.Says(PracticeBook.GfciOrder, "line");
        var sound = drill.Sound.Boxes[drill.Box];
        var put = sound
            .Leads.Where(l => l.Value.Run is not null)
            .Select(l => (Lead: l.Key, At: First(states, l.Key), Kind: Kind(l.Value), Side: Side(sound, l.Value)))
            .Where(l => l.At is not null)
            .Select(l => (l.Lead, At: l.At!.Value, l.Kind, l.Side))
            .ToList();
        MakeTurn[] kinds = hotsFirst ? [MakeTurn.Hots, MakeTurn.Neutrals] : [MakeTurn.Neutrals, MakeTurn.Hots];
        MakeTurn[] sides = lineFirst ? [MakeTurn.LineSide, MakeTurn.LoadSide] : [MakeTurn.LoadSide, MakeTurn.LineSide];
        var grounds = put.ToLookup(l => l.Kind == MakeTurn.Grounds ? MakeTurn.Grounds : kinds[^1], l => (l.Lead, l.At));
        return InTurn(hotsFirst ? [kinds[^1], MakeTurn.Grounds] : [MakeTurn.Grounds, kinds[^1]], grounds)
            // One side of a protective device may be made whole before the other: neutrals and hots take turns on each.
            .Concat(put.GroupBy(l => l.Side).SelectMany(g => InTurn(kinds, g.ToLookup(l => l.Kind, l => (l.Lead, l.At)))))
            .Concat(
                put.Where(l => l.Side is not null)
                    .GroupBy(l => l.Kind)
                    .SelectMany(g => InTurn(sides, g.ToLookup(l => l.Side!.Value, l => (l.Lead, l.At))))
            );
    }

    /// <summary>The first lead of each turn that was put in before all of an earlier turn were.</summary>
    private static IEnumerable<MakeSlip> InTurn(MakeTurn[] turns, ILookup<MakeTurn, (Id<Lead> Lead, int At)> by)
    {
        for (var t = 1; t < turns.Length; t++)
        {
            foreach (var before in turns.Take(t).Where(by.Contains))
            {
                var last = by[before].Max(l => l.At);
                if (by[turns[t]].Where(l => l.At < last).OrderBy(l => l.At).Select(l => (Id<Lead>?)l.Lead).FirstOrDefault() is { } early)
                {
                    yield return new(early, before);
                    break;
                }
            }
        }
    }

    private static MakeTurn Kind(Lead lead) =>
        lead.IsGround ? MakeTurn.Grounds
        : lead.Use == ConductorUse.Neutral ? MakeTurn.Neutrals
        : MakeTurn.Hots;

    /// <summary>Which side of a protective device a lead belongs on; null for any other.</summary>
    private static MakeTurn? Side(Box box, Lead lead) =>
        lead.Lands is { Device: { } device, Terminal: { } terminal } && DeviceKinds.Find(box.Devices[device].Kind) is { } kind
            ? kind.Terminals.FirstOrDefault(t => t.Id == terminal)?.Role switch
            {
                TerminalRole.LoadHot or TerminalRole.LoadNeutral => MakeTurn.LoadSide,
                TerminalRole.LineHot or TerminalRole.LineNeutral => MakeTurn.LineSide,
                _ => null,
            }
            : null;

    private static bool IsFree(Lead lead) => lead.Lands.At is LandingAt.Loose or LandingAt.Unknown;

    /// <summary>The step by which a lead came to lie somewhere; null while it is loose.</summary>
    private static int? First(IReadOnlyList<Box> states, Id<Lead> lead)
    {
        for (var n = 0; n < states.Count; n++)
        {
            if (states[n].Leads.Find(lead) is { } found && !IsFree(found))
            {
                return n;
            }
        }

        return null;
    }
}
