using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Brings a cable into a box at an entry, with its leads. Lead ids are the run's id, <c>.a</c>, and the place in the
/// cable.</summary>
/// <param name="Run">Id of the new run; its A side is here, its other end unknown.</param>
/// <param name="Entry">An entry of the box, or the id of a new one.</param>
/// <param name="Side">Side of a new entry.</param>
/// <param name="Holding">What holds it; by the box's clamps when null.</param>
/// <param name="Says">What it is called here: "from the pantry".</param>
public sealed record AddCable(
    Id<Box> Box,
    Id<Run> Run,
    string Entry,
    CableSpec Cable,
    EntrySide Side = EntrySide.Top,
    Holding? Holding = null,
    string? Says = null,
    Feeds Feeds = Feeds.CannotTell
) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.NewId(Run, job.Runs.Has(Run), "run")
        ?? Refuse.BadId(Entry, "entry")
        ?? Cable.Check("cable")
        ?? Refuse.BadEnum(Side, "side")
        ?? Refuse.BadNote(Says, "says")
        ?? Refuse.BadEnum(Feeds, "feeds")
        ?? (Run.Text.Length > 58 ? new Refusal(Why.CableIdTooLong, "run") : null)
        ?? (Holding is { } holding ? Refuse.BadEnum(holding, "holding") : null)
        ?? (box.Leads.Count > 400 ? new Refusal(Why.ManyLeads, "cable") : null);

    protected override Box ApplyIn(Box box) => RunLeads.Put(Entered(box, Entry, Side, Holding), Run, Cable.ToRun(), RunSide.A);

    protected override Job ApplyTo(Job job, Box box) =>
        job with
        {
            Boxes = job.Boxes.With(Box, ApplyIn(box)),
            Runs = job.Runs.With(Run, Cable.ToRun() with { A = new RunEnd(EndAt.Box, Box, Entry, Says, Feeds) }),
        };

    /// <summary>The box with the entry there and in use.</summary>
    internal static Box Entered(Box box, string id, EntrySide side, Holding? holding)
    {
        var usual = box.Clamps.OrNull switch
        {
            ClampStyle.Internal => Wiring.Holding.InternalClamp,
            ClampStyle.Flap => Wiring.Holding.Flap,
            ClampStyle.Outside => Wiring.Holding.OutsideConnector,
            _ => Wiring.Holding.Unknown,
        };
        var entry = box.Entries.Find(id) ?? Entries.New(box, side);
        var held = holding ?? (entry.State == EntryState.Used && entry.Holding != Wiring.Holding.Unknown ? entry.Holding : usual);
        return box with { Entries = box.Entries.With(id, entry with { State = EntryState.Used, Holding = held }) };
    }
}

/// <summary>What a cable is called at an end, and what it does there.</summary>
public sealed record NameCable(Id<Box> Box, Id<Run> Run, RunSide Side, string? Says = null, Feeds Feeds = Feeds.CannotTell) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.BadNote(Says, "says")
        ?? Refuse.BadEnum(Feeds, "feeds")
        ?? Refuse.BadEnum(Side, "side")
        ?? (job.Runs.Find(Run)?.End(Side).IsIn(Box) == true ? null : Refuse.Missing(What.Cable, Run, "run"));

    protected override Box ApplyIn(Box box) => box;

    protected override Job ApplyTo(Job job, Box box) =>
        job.Runs.TryFind(Run, out var run)
            ? job with
            {
                Runs = job.Runs.With(
                    Run,
                    run.WithEnd(Side, run.End(Side) with { Says = string.IsNullOrWhiteSpace(Says) ? null : Says.Trim(), Feeds = Feeds })
                ),
            }
            : job;
}

/// <summary>Sets what is given of a run; what is null stays.</summary>
/// <param name="Metal">Of its conductors, here and in the boxes it ends in.</param>
/// <param name="Ground">Another one without a ground lead, or with one, as the run has now: a lead comes and goes with the cable.</param>
public sealed record SetRun(
    Id<Run> Run,
    CableType? Type = null,
    Fact<Length>? Length = null,
    string? Sheath = null,
    Id<Circuit>? Circuit = null,
    Metal? Metal = null,
    GroundKind? Ground = null
) : Edit
{
    public override Refusal? Check(Job job) =>
        (job.Runs.Has(Run) ? null : Refuse.Missing(What.Cable, Run, "run"))
        ?? (Metal is { } metal ? Refuse.BadEnum(metal, "metal") : null)
        ?? (Ground is { } ground ? Refuse.BadEnum(ground, "ground") : null)
        ?? (
            Ground is { } to && job.Runs.Find(Run) is { } run && HasLead(run.Ground) != HasLead(to)
                ? new Refusal(Why.GroundLead, "ground")
                : null
        )
        ?? (Type is { } type ? Refuse.BadEnum(type, "type") : null)
        ?? Facts.Bad(Length, "length")
        ?? Refuse.BadNote(Sheath, "sheath")
        ?? (Circuit is null || Circuit == "" || job.Circuits.Has(Circuit) ? null : Refuse.Missing(What.Circuit, Circuit, "circuit"));

    public override Job Apply(Job job)
    {
        if (!job.Runs.TryFind(Run, out var run))
        {
            return job;
        }

        var next = job with
        {
            Runs = job.Runs.With(
                Run,
                run with
                {
                    Type = Type ?? run.Type,
                    Length = Length ?? run.Length,
                    Sheath = Sheath ?? run.Sheath,
                    Circuit = Circuit == "" ? null : Circuit ?? run.Circuit,
                    Metal = Metal ?? run.Metal,
                    Ground = Ground ?? run.Ground,
                }
            ),
        };
        return Metal is { } metal ? new[] { run.A, run.B }.Aggregate(next, (to, end) => Of(to, end, metal)) : next;
    }

    private static bool HasLead(GroundKind ground) => ground is GroundKind.Bare or GroundKind.Insulated;

    /// <summary>The leads of the box at one end, of another metal.</summary>
    private Job Of(Job job, RunEnd end, Metal metal) =>
        job.Boxes.Find(end.Box) is { } box
            ? job with
            {
                Boxes = job.Boxes.With(
                    end.Box!.Value,
                    Onward.Follow(box with { Leads = box.Leads.Each((_, l) => l.Run == Run ? l with { Metal = metal } : l) })
                ),
            }
            : job;
}

/// <summary>Says where a run's unknown end is: brings it into a box, with its leads.</summary>
public sealed record ConnectRun(
    Id<Box> Box,
    Id<Run> Run,
    RunSide End,
    string Entry,
    EntrySide Side = EntrySide.Top,
    string? Says = null,
    Feeds Feeds = Feeds.CannotTell
) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job)
    {
        if (!job.Runs.TryFind(Run, out var run))
        {
            return Refuse.Missing(What.Cable, Run, "run");
        }

        return Refuse.BadId(Entry, "entry")
            ?? Refuse.BadEnum(End, "end")
            ?? Refuse.BadEnum(Side, "side")
            ?? Refuse.BadEnum(Feeds, "feeds")
            ?? Refuse.BadNote(Says, "says")
            ?? (run.End(End).At == EndAt.Unknown ? null : new Refusal(Why.EndTaken, "end"));
    }

    protected override Box ApplyIn(Box box) => AddCable.Entered(box, Entry, Side, null);

    protected override Job ApplyTo(Job job, Box box) =>
        job.Runs.TryFind(Run, out var run)
            ? job with
            {
                Boxes = job.Boxes.With(Box, RunLeads.Put(ApplyIn(box), Run, run, End)),
                Runs = job.Runs.With(Run, run.WithEnd(End, new RunEnd(EndAt.Box, Box, Entry, Says ?? run.End(End).Says, Feeds))),
            }
            : job;
}

/// <summary>Takes a cable out of a box: its leads go, its entry is left open, and the run with it when its other end is in no box and no
/// panel.</summary>
public sealed record RemoveCable(Id<Box> Box, Id<Run> Run) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        job.Runs.Find(Run)?.SidesIn(Box).Any() == true ? null : Refuse.Missing(What.Cable, Run, "run");

    protected override Box ApplyIn(Box box) =>
        box with
        {
            Leads = box.Leads.Each((_, lead) => lead.Run == Run || lead.LeavesBy == Run ? null : lead),
        };

    protected override Job ApplyTo(Job job, Box box)
    {
        if (!job.Runs.TryFind(Run, out var run))
        {
            return job;
        }

        var entries = run.SidesIn(Box).Select(s => run.End(s).Entry).ToHashSet();
        foreach (var side in run.SidesIn(Box).ToList())
        {
            run = run.WithEnd(side, RunEnd.Unknown);
        }

        var gone = new[] { run.A, run.B }.All(e => e.At is EndAt.Unknown or EndAt.Load);
        var next = job with { Runs = gone ? job.Runs.Without(Run) : job.Runs.With(Run, run) };
        var after = ApplyIn(box);
        after = after with
        {
            Entries = after.Entries.Each(
                (id, e) =>
                    entries.Contains(id) && Entries.Cables(next, Box, id) == 0
                        ? e with
                        {
                            State = EntryState.Open,
                            Holding = Holding.Nothing,
                        }
                        : e
            ),
        };
        return next with { Boxes = next.Boxes.With(Box, after) };
    }
}

/// <summary>Conductors of one run go on unbroken as another run's: each pair of leads becomes one that passes through or loops.</summary>
public sealed record PassThrough(
    Id<Box> Box,
    Id<Run> Run,
    Id<Run> LeavesBy,
    LeadForm Form = LeadForm.PassingThrough,
    Fact<Length>? Length = null
) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Run == LeavesBy ? new Refusal(Why.SameCable, "leavesBy")
        : !LeadsOf(box, Run).Any() ? Refuse.Missing(What.Cable, Run, "run")
        : !LeadsOf(box, LeavesBy).Any() ? Refuse.Missing(What.Cable, LeavesBy, "leavesBy")
        : Form == LeadForm.Ended ? new Refusal(Why.NotAnEnd, "form")
        : Refuse.BadEnum(Form, "form") ?? Facts.Bad(Length, "length");

    protected override Box ApplyIn(Box box)
    {
        var leads = box.Leads;
        foreach (var (id, lead) in LeadsOf(box, Run))
        {
            var there = LeadsOf(box, LeavesBy).FirstOrNull(l => l.Value.Index == lead.Index)?.Key;
            if (there is { } partner && leads.Has(partner))
            {
                leads = leads
                    .Without(partner)
                    .With(id, lead with { Form = Form, LeavesBy = LeavesBy, Length = Length ?? lead.Length, Lands = Landing.Unknown });
            }
        }

        return box with
        {
            Leads = leads,
        };
    }

    private static IEnumerable<KeyValuePair<Id<Lead>, Lead>> LeadsOf(Box box, Id<Run> run) =>
        box.Leads.Where(l => l.Value.Run == run && l.Value.LeavesBy is null);
}
