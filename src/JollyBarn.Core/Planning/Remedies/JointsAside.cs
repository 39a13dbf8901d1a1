using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>A box too full for its joints: the cable that feeds it and those that go on are joined in a junction box beside it, and one
/// cable comes from there.</summary>
/// <remarks>The way for a box that nothing may take the place of: a downlight's own box, a luminaire's, one whose wall stays closed. NEC
/// 314.16, 314.29: the junction box stays accessible.</remarks>
public sealed class JointsAside : IRemedies
{
    public enum Case
    {
        JunctionBox,
    }

    private const string NewKind = "square-4x2-1/8";

    public IReadOnlyList<string> Rules { get; } = ["fill", "depth"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        var cables = ask.Look.Cables.Select(c => (Id: c.RunId, c.Side, c.Run)).ToList();
        foreach (var feed in cables.Where(c => c.Run.End(c.Side).Feeds == Feeds.FeedsIn))
        {
            var on = cables.Where(c => c.Id != feed.Id && Goes(ask, feed.Id, c.Id)).Select(c => (c.Id, c.Side)).ToList();
            if (on.Count > 0)
            {
                yield return Remedy.Of(
                    Case.JunctionBox,
                    Moved(ask, (feed.Id, feed.Side), on),
                    ("cables", on.Count + 1),
                    ("kind", new Thing(ThingKind.BoxKind, NewKind)),
                    ("tail", feed.Run.Conductors.Count)
                );
            }
        }
    }

    /// <summary>True for a cable whose every conductor lies where the feed's does, in joints that hold something else besides.</summary>
    private static bool Goes(RemedyAsk ask, Id<Run> feed, Id<Run> other)
    {
        var (of, there) = (Leads(ask.Box, feed), Leads(ask.Box, other));
        return of.Count == there.Count
            && of.Zip(there)
                .All(p =>
                    p.First.Lead.Lands.At == LandingAt.Joint
                    && p.First.Lead.Lands == p.Second.Lead.Lands
                    && p.First.Lead is { Form: LeadForm.Ended }
                    && p.Second.Lead is { Form: LeadForm.Ended }
                    && p.First.Lead.IsGround == p.Second.Lead.IsGround
                    && p.First.Lead.Colour == p.Second.Lead.Colour
                );
    }

    private static List<(Id<Lead> Id, Lead Lead)> Leads(Box box, Id<Run> run) =>
        [.. box.Leads.Where(l => l.Value.Run == run).OrderBy(l => l.Value.Index).Select(l => (l.Key, l.Value))];

    private static Batch Moved(RemedyAsk ask, (Id<Run> Run, RunSide Side) feed, IReadOnlyList<(Id<Run> Run, RunSide Side)> on)
    {
        var (job, here) = (ask.Job, ask.BoxId);
        Id<Box> beside = Ids.Free($"{here}-joints", id => job.Boxes.Has(id));
        Id<Run> tail = Ids.Free($"{here}-tail", id => job.Runs.Has(id));
        var spec = CableSpec.Like(job.Runs[feed.Run]);
        var edits = new List<Edit>
        {
            new AddBox(beside, $"{ask.Box.Name}, joints", NewKind, ask.Box.Place, Contents: Contents.Complete),
            new SetClamps(beside, Fact<ClampStyle>.Marked(ClampStyle.Outside)),
            new AddPart(beside, "cover", "cover-flat-square"),
        };
        var moved = new List<Id<Run>>();
        foreach (var (run, side) in on.Prepend(feed))
        {
            edits.Add(new MoveRunEnd(here, run, side, beside, $"k-{run}"));
            var end = job.Runs[run].End(side);
            edits.Add(new NameCable(beside, run, side, end.Says, end.Feeds));
            moved.Add(run);
        }

        var entry = job.Runs[feed.Run].End(feed.Side).Entry ?? $"k-{tail}";
        edits.Add(new AddCable(here, tail, entry, spec, Says: "from the junction box", Feeds: Feeds.FeedsIn));
        edits.Add(new SetRun(tail, Circuit: job.Runs[feed.Run].Circuit));
        edits.Add(new ConnectRun(beside, tail, RunSide.B, $"k-{tail}", Says: $"on to {ask.Box.Name}", Feeds: Feeds.FeedsOn));
        var leads = Leads(ask.Box, feed.Run);
        edits.AddRange(leads.Select((l, i) => new MoveLead(here, RunLeads.Id(tail, RunSide.A, i), l.Lead.Lands)));
        moved.Add(tail);
        for (var i = 0; i < leads.Count; i++)
        {
            var ground = leads[i].Lead.IsGround;
            edits.Add(
                new JoinLeads(
                    beside,
                    $"joint-{i + 1}",
                    Connectors.For([.. Enumerable.Repeat(leads[i].Lead.Gauge, moved.Count + (ground ? 1 : 0))], job.Practice),
                    [.. moved.Select(r => RunLeads.Id(r, Side(r), i))],
                    ask.Box.Joints.Find(leads[i].Lead.Lands.Joint)?.Name
                )
            );
            if (ground)
            {
                edits.Add(
                    new AddPigtail(
                        beside,
                        "bond",
                        new(LandingAt.Joint, $"joint-{i + 1}"),
                        new(LandingAt.BondingScrew),
                        Colour: "bare",
                        Length: ask.TailLength
                    )
                );
            }
        }

        return new Batch(edits, For: BatchFor.JointsAside);

        RunSide Side(Id<Run> run) => run == tail ? RunSide.B : on.Prepend(feed).First(c => c.Run == run).Side;
    }
}
