using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Pulls one end of a cable out of a box and brings it into another: its leads hang free there, with the marks they carry. The far
/// end stays as it is.</summary>
/// <param name="Box">The box it is pulled out of.</param>
/// <param name="To">The box it comes into.</param>
/// <param name="Entry">Where: an entry of that box, or the id of a new one.</param>
public sealed record MoveRunEnd(Id<Box> Box, Id<Run> Run, RunSide End, Id<Box> To, string Entry, EntrySide Side = EntrySide.Top)
    : BoxEdit(Box)
{
    [JsonIgnore]
    public override IEnumerable<Id<Box>> OfBoxes => [Box, To];

    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.BadEnum(End, "end")
        ?? (job.Runs.Find(Run)?.End(End).IsIn(Box) == true ? null : Refuse.Missing(What.Cable, Run, "run"))
        ?? (To == Box ? new Refusal(Why.CableIsHere, "to") : null)
        ?? (
            !job.Boxes.TryFind(To, out var there) ? Refuse.Missing(What.Box, To, "to")
            : there.Binned ? new Refusal(Why.InTheBin, "to", ("box", there.Name))
            : there.Leads.Count > 400 ? new Refusal(Why.ManyLeads, "to")
            : null
        )
        ?? Refuse.BadId(Entry, "entry")
        ?? Refuse.BadEnum(Side, "side")
        ?? (box.Leads.Values.Any(l => Passes(l)) ? new Refusal(Why.PassesThrough, "run") : null);

    protected override Box ApplyIn(Box box) => box with { Leads = box.Leads.Each((_, lead) => Here(lead) ? null : lead) };

    protected override Job ApplyTo(Job job, Box box)
    {
        if (!job.Runs.TryFind(Run, out var run) || !run.End(End).IsIn(Box) || !job.Boxes.TryFind(To, out var there))
        {
            return job;
        }

        var end = run.End(End);
        // That power comes by it stays true. What was said of where it goes on to, or what protects it, was of the place it left.
        var feeds = end.Feeds == Feeds.FeedsIn ? Feeds.FeedsIn : Feeds.CannotTell;
        var moved = run.WithEnd(End, end with { Id = To, Entry = Entry, Says = null, Feeds = feeds });
        var into = AddCable.Entered(there, Entry, Side, null);
        into = into with
        {
            Leads = box
                .Leads.Where(l => Here(l.Value))
                .Aggregate(into.Leads, (leads, l) =>
                    leads.With(
                        l.Key,
                        l.Value with
                        {
                            Lands = Landing.Loose,
                            Length = Fact<Measures.Length>.Unknown,
                            Form = LeadForm.Ended,
                            LeavesBy = null,
                        }
                    )
                ),
        };
        var next = job with { Runs = job.Runs.With(Run, moved), Boxes = job.Boxes.With(To, into) };
        var left = ApplyIn(box);
        return next with
        {
            Boxes = next.Boxes.With(
                Box,
                left with
                {
                    Entries = left.Entries.Each(
                        (id, e) =>
                            id == end.Entry && Entries.Cables(next, Box, id) == 0
                                ? e with
                                {
                                    State = EntryState.Open,
                                    Holding = Holding.Nothing,
                                }
                                : e
                    ),
                }
            ),
        };
    }

    private bool Here(Lead lead) => lead.Run == Run && lead.Side == End;

    private bool Passes(Lead lead) => (Here(lead) && lead.LeavesBy is not null) || lead.LeavesBy == Run;
}
