using JollyBarn.CodeBook;
using JollyBarn.Terms;

namespace JollyBarn.Wiring;

/// <summary>One pair a proof of dead has to read.</summary>
/// <param name="Key">Stable name: the two points.</param>
/// <param name="Cable">The cable end it belongs to.</param>
/// <param name="From">The lead to touch; any that is joined with it does as well.</param>
/// <param name="To">The other lead, or the independent ground.</param>
/// <param name="FromAll">Leads that are one point with the first, itself first.</param>
/// <param name="ToAll">The same of the other.</param>
public sealed record ProofPair(
    string Key,
    string Cable,
    string From,
    string To,
    IReadOnlyList<string> FromAll,
    IReadOnlyList<string> ToAll
);

public enum ProofStanding
{
    /// <summary>Nothing was proved here by this person in this visit.</summary>
    None,
    Begun,

    /// <summary>A reading showed voltage, or the known source did not read live.</summary>
    Failed,
    Proved,
    Lapsed,
}

/// <summary>Why a proof stands where it does.</summary>
public enum ProofCase
{
    Nothing,
    Ended,
    Live,
    InstrumentBlind,
    KnownFirst,
    ReadingsToGo,

    /// <summary>What was read as one point came apart: each lead of it is read by itself before anything else.</summary>
    CameApart,
    KnownAgain,
    TooOld,
    Proved,

    /// <summary>Readings that arrived late, or from a clock that is off: they are history and prove nothing now.</summary>
    Late,

    /// <summary>No lead of the box is recorded: what was read is its face at most.</summary>
    NoLeads,

    /// <summary>All recorded pairs are read, and not everything in the box is recorded.</summary>
    NotComplete,
}

/// <summary>Where a proof of dead stands.</summary>
/// <param name="Proof">Its id, null when there is none.</param>
/// <param name="Missing">Pairs still to read.</param>
/// <param name="Case">Why it stands there.</param>
/// <param name="About">What the case names, with amounts.</param>
/// <param name="At">When the last reading was taken.</param>
public sealed record ProofState(
    ProofStanding Standing,
    IReadOnlyList<ProofPair> Missing,
    ProofCase Case,
    Details About,
    string? Proof = null,
    string? At = null,
    string? Instrument = null
);

/// <summary>Proof of dead: live–dead–live, every pair of every cable and each conductor to an independent ground, with an instrument that
/// may count.</summary>
/// <remarks>
/// <em>Practice</em>, after NFPA 70E 120.6: an absence-of-voltage test is made before and after on a known source. It holds for one box,
/// one person and one visit, and lapses when
/// a breaker, switch or source of the job is recorded as changed, when work is handed over, when the visit ends, or after a set time.
/// </remarks>
public static class Proofs
{
    /// <summary>How far the clock of a device and that of the program may be apart, and how late a reading may arrive.</summary>
    private static readonly TimeSpan Apart = TimeSpan.FromMinutes(2);

    /// <summary>What one conductor is read against besides its own cable.</summary>
    public const string IndependentGround = "independent ground";

    /// <summary>Leads of cables that are one point with this one as recorded: those spliced in its joint, itself first; a lead alone is a
    /// point of its own.</summary>
    public static IReadOnlyList<string> PointOf(Box box, string lead)
    {
        if (!box.Leads.TryFind(lead, out var found) || found.Form != LeadForm.Ended || found.Lands.Joint is not { } joint)
        {
            return [lead];
        }

        var with = box.Leads.Where(l => l.Value.Run is not null && l.Value.Form == LeadForm.Ended && l.Value.Lands.IsIn(joint));
        return [lead, .. with.Select(l => (string)l.Key).Where(l => l != lead)];
    }

    /// <summary>Pairs to be read in a box: in each cable every two points, and each point to the independent ground. Leads recorded as
    /// joined are one point.</summary>
    /// <remarks>Two 14-2 and a 14-3 with their grounds, neutrals and blacks joined and the red alone: four points, six pairs among them and
    /// four to the ground, ten readings; each lead by itself would be twenty-two.</remarks>
    public static IReadOnlyList<ProofPair> Pairs(Box box)
    {
        var pairs = new List<ProofPair>();
        var heads = new Dictionary<string, string>(StringComparer.Ordinal);
        var asked = new HashSet<string>(StringComparer.Ordinal);
        void Ask(string cable, string from, string to)
        {
            var key = string.CompareOrdinal(from, to) < 0 || to == IndependentGround ? $"{from}|{to}" : $"{to}|{from}";
            if (asked.Add(key))
            {
                pairs.Add(new(key, cable, from, to, PointOf(box, from), to == IndependentGround ? [to] : PointOf(box, to)));
            }
        }

        foreach (
            var cable in box
                .Leads.Where(l => l.Value.Run is not null)
                .GroupBy(l => Subjects.CableEnd(l.Value.Run!.Value, l.Value.Side))
                .OrderBy(g => g.Key, StringComparer.Ordinal)
        )
        {
            var points = new List<string>();
            foreach (var lead in cable.OrderBy(l => l.Value.Index).Select(l => (string)l.Key))
            {
                foreach (var member in PointOf(box, lead))
                {
                    heads.TryAdd(member, lead);
                }

                if (!points.Contains(heads[lead]))
                {
                    points.Add(heads[lead]);
                }
            }

            for (var i = 0; i < points.Count; i++)
            {
                points.Skip(i + 1).ToList().ForEach(other => Ask(cable.Key, points[i], other));
            }

            points.ForEach(point => Ask(cable.Key, point, IndependentGround));
        }

        return pairs;
    }

    /// <summary>Where the newest proof of this person at this box stands at a time (ISO 8601).</summary>
    public static ProofState Judge(Job job, Id<Box> boxId, string by, string now)
    {
        var found = job
            .Proofs.Where(p => p.Value.Box == boxId && p.Value.By == by)
            .OrderByDescending(p => p.Value.Begun, StringComparer.Ordinal)
            .ThenByDescending(p => p.Key, StringComparer.Ordinal)
            .FirstOrDefault();
        if (found.Key is null || !job.Boxes.TryFind(boxId, out var box))
        {
            return new(ProofStanding.None, job.Boxes.Find(boxId) is { } b ? Pairs(b) : [], ProofCase.Nothing, Details.None);
        }

        var (id, proof) = (found.Key, found.Value);
        var all = job.Readings.Values.Where(r => r.Proof == id).OrderBy(Taken).ToList();
        var readings = all.Where(r => !Late(r, now)).ToList();
        var last = all.LastOrDefault()?.At;
        var missing = Pairs(box).Where(p => !Read(p, readings)).ToList();
        ProofState State(ProofStanding standing, ProofCase why, params ReadOnlySpan<(string, object?)> about) =>
            new(standing, missing, why, Details.Of(about), id, last, proof.Instrument);
        var book = LimitTable.For(job.Profile);
        if (proof.Ended is { } ended)
        {
            return State(ProofStanding.Lapsed, ProofCase.Ended, ("why", ended.Why));
        }

        // One that shows voltage counts, however late it is heard of.
        if (all.FirstOrDefault(r => r.Step == ReadingStep.Pair && !Dead(r, book.Number("proof.dead"))) is { } live)
        {
            return State(ProofStanding.Failed, ProofCase.Live, ("says", live.Says), ("from", live.From), ("to", live.To));
        }

        if (
            readings.FirstOrDefault(r =>
                r.Step is ReadingStep.KnownBefore or ReadingStep.KnownAfter && !Live(r, book.Number("proof.live"))
            ) is
            { } blind
        )
        {
            return State(ProofStanding.Failed, ProofCase.InstrumentBlind, ("says", blind.Says));
        }

        var before = readings.FirstOrDefault(r => r.Step == ReadingStep.KnownBefore);
        var after = readings.LastOrDefault(r => r.Step == ReadingStep.KnownAfter);
        var pairs = readings.Where(r => r.Step == ReadingStep.Pair).ToList();
        if (before is null || missing.Count > 0 || after is null || pairs.Exists(p => Taken(p) < Taken(before) || Taken(after) < Taken(p)))
        {
            var next =
                all.Count > readings.Count ? ProofCase.Late
                : before is null ? ProofCase.KnownFirst
                : missing.Exists(p => pairs.Exists(r => WasWith(r, p))) ? ProofCase.CameApart
                : missing.Count > 0 ? ProofCase.ReadingsToGo
                : ProofCase.KnownAgain;
            return State(ProofStanding.Begun, next, ("count", missing.Count), ("late", all.Count - readings.Count));
        }

        // No pairs, no proof: what nobody recorded nobody read.
        var tested = string.Join(", ", pairs.Select(r => $"{r.From}–{r.To}").Distinct());
        if (pairs.Count == 0 || Pairs(box).Count == 0)
        {
            return State(ProofStanding.Begun, ProofCase.NoLeads, ("tested", tested.Length > 0 ? tested : null));
        }

        if (box.Contents != Contents.Complete)
        {
            return State(ProofStanding.Begun, ProofCase.NotComplete, ("count", pairs.Count));
        }

        var hours = Assumptions.ProofHours.Of(job.Practice);
        return Hours(Taken(after), now) > hours
            ? State(ProofStanding.Lapsed, ProofCase.TooOld, ("hours", hours))
            : State(ProofStanding.Proved, ProofCase.Proved, ("instrument", proof.Instrument));
    }

    /// <summary>The job with every standing proof ended, or those for which the test holds.</summary>
    public static Job Lapse(Job job, string why, string? at, Func<Proof, bool>? which = null) =>
        job.Proofs.Count == 0
            ? job
            : job with
            {
                Proofs = job.Proofs.Each((_, p) => p.Ended is null && which?.Invoke(p) != false ? p with { Ended = new(why, at) } : p),
            };

    /// <summary>True for what reads as absence of voltage.</summary>
    /// <param name="limit">Below it a figure is no voltage, V.</param>
    private static bool Dead(Reading r, decimal limit) =>
        r.Shows == ReadingShows.Figure ? r.Volts < limit : r.Shows == ReadingShows.Nothing && !(r.Volts >= limit);

    /// <summary>True for what reads as a source that is live.</summary>
    /// <param name="limit">From it on a figure is a live source, V.</param>
    private static bool Live(Reading r, decimal limit) =>
        r.Shows == ReadingShows.Figure ? r.Volts >= limit : r.Shows == ReadingShows.Something && !(r.Volts < limit);

    /// <summary>True when every lead of both points took part in a reading of this pair as part of what is still one point. What was read
    /// as one with a lead that is apart from it now was read as something else.</summary>
    private static bool Read(ProofPair pair, IReadOnlyList<Reading> readings)
    {
        var (from, to) = (new HashSet<string>(StringComparer.Ordinal), new HashSet<string>(StringComparer.Ordinal));
        foreach (var r in readings.Where(r => r.Step == ReadingStep.Pair))
        {
            var (a, b) = (r.FromAll ?? [r.From], r.ToAll ?? [r.To]);
            foreach (var (one, other) in new[] { (a, b), (b, a) })
            {
                if (one.All(pair.FromAll.Contains) && other.All(pair.ToAll.Contains))
                {
                    from.UnionWith(one);
                    to.UnionWith(other);
                }
            }
        }

        return pair.FromAll.All(from.Contains) && pair.ToAll.All(to.Contains);
    }

    /// <summary>True when the reading was of a point that the pair's lead was part of and that is no longer one.</summary>
    private static bool WasWith(Reading r, ProofPair pair) =>
        new[] { r.FromAll, r.ToAll }.Any(all =>
            all is not null && new[] { pair.FromAll, pair.ToAll }.Any(now => all.Any(now.Contains) && !all.All(now.Contains))
        );

    /// <summary>When it was taken: by the device's clock or by when it arrived, whichever is earlier; never for one without a
    /// time.</summary>
    private static DateTimeOffset Taken(Reading reading)
    {
        var at = Time(reading.At) ?? DateTimeOffset.MinValue;
        return reading.Arrived is { } arrived && Time(arrived) is { } came && came < at ? came : at;
    }

    private static bool Late(Reading reading, string now) =>
        Time(reading.At) is not { } at
        || (Time(reading.Arrived ?? "") is { } came ? (came - at).Duration() > Apart : Time(now) is { } then && at > then + Apart);

    private static decimal Hours(DateTimeOffset from, string to) =>
        Time(to) is { } then ? (decimal)(then - from).TotalHours : decimal.MaxValue;

    private static DateTimeOffset? Time(string text) =>
        DateTimeOffset.TryParse(text, System.Globalization.CultureInfo.InvariantCulture, out var time) ? time : null;
}
