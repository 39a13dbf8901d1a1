using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>A cable was opened along its way and ends in a box now; what goes on from there is a run of its own. What both far ends land on
/// stays, with everything noted of them.</summary>
/// <param name="Box">The box it ends in; one that neither end is in.</param>
/// <param name="Run">The cable; it keeps its end A.</param>
/// <param name="Further">Id of the new run: from this box to where the end B was.</param>
/// <param name="Entry">Where the cable comes in: an entry of the box, or the id of a new one.</param>
/// <param name="FurtherEntry">The same of what goes on.</param>
/// <param name="Along">How far from end A, along the cable; where its length is known too, both pieces have one.</param>
public sealed record SplitRun(
    Id<Box> Box,
    Id<Run> Run,
    Id<Run> Further,
    string Entry,
    string FurtherEntry,
    EntrySide Side = EntrySide.Top,
    EntrySide FurtherSide = EntrySide.Bottom,
    Fact<Length>? Along = null
) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job)
    {
        if (!job.Runs.TryFind(Run, out var run))
        {
            return Refuse.Missing(What.Cable, Run, "run");
        }

        return run.SidesIn(Box).Any() ? new Refusal(Why.CableIsHere, "run")
            : run.A.IsBox && run.A.Box == run.B.Box ? new Refusal(Why.CableComesBack, "run")
            : Refuse.NewId(Further, job.Runs.Has(Further), "further")
                ?? (Further.Text.Length > 58 ? new Refusal(Why.CableIdTooLong, "further") : null)
                ?? Refuse.BadId(Entry, "entry")
                ?? Refuse.BadId(FurtherEntry, "furtherEntry")
                ?? Refuse.BadEnum(Side, "side")
                ?? Refuse.BadEnum(FurtherSide, "furtherSide")
                ?? Facts.Bad(Along, "along")
                ?? (
                    Along?.OrNull is { } along && run.Length.OrNull is { } length && along >= length
                        ? new Refusal(Why.PastItsEnd, "along", ("length", length))
                        : null
                )
                ?? (box.Leads.Count > 400 ? new Refusal(Why.ManyLeads, "run") : null);
    }

    protected override Box ApplyIn(Box box) => AddCable.Entered(AddCable.Entered(box, Entry, Side, null), FurtherEntry, FurtherSide, null);

    protected override Job ApplyTo(Job job, Box box)
    {
        if (!job.Runs.TryFind(Run, out var whole) || whole.SidesIn(Box).Any())
        {
            return job;
        }

        var (comes, goes) = Ways(whole);
        var first = whole with
        {
            B = new(EndAt.Box, Box, Entry, null, comes),
            Hurts = Hurts(whole, true),
            Length = Along ?? (whole.Length.OrNull is null ? whole.Length : Fact<Length>.Unknown),
        };
        var second = whole with { A = new(EndAt.Box, Box, FurtherEntry, null, goes), Hurts = Hurts(whole, false), Length = Rest(whole) };
        var put = RunLeads.Put(RunLeads.Put(ApplyIn(box), Run, first, RunSide.B), Further, second, RunSide.A);
        var next = job with { Boxes = job.Boxes.With(Box, put), Runs = job.Runs.With(Run, first).With(Further, second) };
        return whole.B.At == EndAt.Load ? LoadMoved(next, whole) : Renamed(next, whole);
    }

    /// <summary>What the cable does at the new box, by what it does at either end.</summary>
    private static (Feeds Comes, Feeds Goes) Ways(Run whole) =>
        whole.A.Feeds is Feeds.FeedsOn or Feeds.Protected || whole.B.Feeds == Feeds.FeedsIn ? (Feeds.FeedsIn, Feeds.FeedsOn)
        : whole.A.Feeds == Feeds.FeedsIn || whole.B.Feeds is Feeds.FeedsOn or Feeds.Protected ? (Feeds.FeedsOn, Feeds.FeedsIn)
        : (Feeds.CannotTell, Feeds.CannotTell);

    /// <summary>Where the piece is hurt: what lies on it. A cut is where it was opened, and its ends are in the box; of other places
    /// nobody knows how far along, both pieces are suspect.</summary>
    private ById<string, RunHurt> Hurts(Run whole, bool first) =>
        whole.Hurts.Each(
            (_, hurt) =>
                hurt.Kind == HurtKind.Cut ? null
                : Along?.OrNull is not { } at || hurt.Along?.OrNull is not { } along ? hurt
                : along <= at == first ? (first ? hurt : hurt with { Along = new(hurt.Along.How, along - at) })
                : null
        );

    private Fact<Length> Rest(Run whole) =>
        Along is { } along && along.OrNull is { } first && whole.Length.OrNull is { } length
            ? new(Known.Estimated, length - first)
            : Fact<Length>.Unknown;

    private static Photo Renamed(Photo photo, Dictionary<string, string> names) =>
        photo with
        {
            Lead = photo.Lead is { } lead && names.TryGetValue(lead.Text, out var name) ? name : photo.Lead,
            Pins = photo.Pins.Each((_, p) => names.TryGetValue(p.Of, out var of) ? p with { Of = of } : p),
        };

    /// <summary>The far box of end B with the leads, answers, pictures and rulings that were of this cable of the new one.</summary>
    private Job Renamed(Job job, Run whole)
    {
        if (whole.B.Box is not { } far || job.Boxes.Find(far) is not { } there)
        {
            return job;
        }

        var names = there
            .Leads.Where(l => l.Value.Run == Run && l.Value.Side == RunSide.B)
            .ToDictionary(l => l.Key.Text, l => RunLeads.Id(Further, RunSide.B, l.Value.Index).Text, StringComparer.Ordinal);
        names[Subjects.CableEnd(Run, RunSide.B)] = Subjects.CableEnd(Further, RunSide.B);
        var leads = there.Leads;
        foreach (var (id, lead) in there.Leads)
        {
            leads =
                lead.Run == Run && lead.Side == RunSide.B ? leads.Without(id).With(names[id.Text], lead with { Run = Further })
                : lead.LeavesBy == Run ? leads.With(id, lead with { LeavesBy = Further })
                : leads;
        }

        var pigtails = there.Pigtails.Each((_, t) => t.Of is { } of && names.TryGetValue(of.Text, out var name) ? t with { Of = name } : t);
        var noted = there.Noted.Aggregate(there.Noted, (all, of) =>
            names.TryGetValue(of.Key, out var name) ? all.Without(of.Key).With(name, of.Value) : all
        );
        return job with
        {
            Boxes = job.Boxes.With(far, there with { Leads = leads, Noted = noted, Pigtails = pigtails }),
            Photos = job.Photos.Each((_, p) => p.Box == far ? Renamed(p, names) : p),
            Rulings = job.Rulings.Each((_, r) => r.Box == far && names.TryGetValue(r.Of, out var name) ? r with { Of = name } : r),
        };
    }

    /// <summary>What hangs at the end is asked at the near end: that is in this box now.</summary>
    private Job LoadMoved(Job job, Run whole)
    {
        var (from, to) = (Subjects.CableEnd(Run, RunSide.A), Subjects.CableEnd(Further, RunSide.A));
        if (whole.A.Box is not { } near || job.Boxes.Find(near) is not { } there || there.Noted.Find(from) is not { } noted)
        {
            return job;
        }

        var load = noted.Facts.Where(f => FarLoad.Contains(f.Key)).ToList();
        var here = job.Boxes[Box];
        return load.Count == 0
            ? job
            : job with
            {
                Boxes = job
                    .Boxes.With(
                        near,
                        there with
                        {
                            Noted = there.Noted.Each(
                                (id, n) => id == from ? n with { Facts = n.Facts.Each((key, f) => FarLoad.Contains(key) ? null : f) } : n
                            ),
                        }
                    )
                    .With(
                        Box,
                        here with
                        {
                            Noted = here.Noted.With(
                                to,
                                load.Aggregate(here.Noted.Find(to) ?? new Noted(), (n, f) =>
                                    n with
                                    {
                                        Facts = n.Facts.With(f.Key, f.Value),
                                    }
                                )
                            ),
                        }
                    ),
            };
    }

    private static readonly string[] FarLoad = ["far-load", "far-load-long"];
}
