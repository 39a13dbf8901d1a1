using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>The box, what goes on it, its openings, and the cables into it.</summary>
internal static class BringingIn
{
    public static void Steps(CardMaker card)
    {
        foreach (var edit in BoxNotes.Around(card))
        {
            card.Quietly(edit);
        }

        SetTheBox(card);
        foreach (var edit in BoxNotes.Housing(card))
        {
            card.Quietly(edit);
        }

        foreach (
            var (part, kind) in card.Goal.Parts.Where(p => !card.Box.Parts.Has(p.Key) && !Outermost(p.Value)).OrderBy(p => p.Value.Order)
        )
        {
            card.Do(
                CardMaker.Step(StepStage.BringIn, StepCase.PartOn, part, [], [], ("part", new Thing(ThingKind.PartKind, kind.Kind))),
                BoxNotes.Part(card, part, kind)
            );
        }

        foreach (var (id, run) in card.Planned.Runs)
        {
            foreach (var side in run.SidesIn(card.Id))
            {
                Cable(card, id, run, side, card.Now.Runs.Find(id)?.End(side).IsIn(card.Id) == true);
            }
        }

        Openings(card);
        foreach (var (id, lead) in card.Goal.Leads.Where(l => l.Value.LeavesBy is not null))
        {
            if (lead is { Run: { } run, LeavesBy: { } on } && card.Box.Leads.Find(id)?.LeavesBy is null)
            {
                card.Do(
                    CardMaker.Step(StepStage.BringIn, StepCase.PassThrough, run.Text, [id], [], ("lead", Thing.Lead(id))),
                    [new PassThrough(card.Id, run, on, lead.Form, lead.Length)]
                );
            }
        }
    }

    /// <summary>True for what goes on last: plates and covers.</summary>
    public static bool Outermost(Part part) => part.Role is PartRole.Plate or PartRole.FlatCover;

    private static void SetTheBox(CardMaker card)
    {
        var goal = card.Goal;
        (string, object?)[] about = [("box", new Thing(ThingKind.Box, card.Id)), ("kind", new Thing(ThingKind.BoxKind, goal.Kind))];
        var size = StepItem.Of(ItemCase.Size, ("kind", new Thing(ThingKind.BoxKind, goal.Kind)));
        if (card.Was is null)
        {
            card.Do(
                CardMaker.Step(StepStage.BringIn, StepCase.SetBox, "", [], [size], about) with
                {
                    Final = BoxKinds.Find(goal.Kind)?.OldWork == true,
                },
                [
                    new AddBox(card.Id, goal.Name, goal.Kind, goal.Place, goal.Mark, goal.Contents),
                    .. goal.Wall is null ? Array.Empty<Edit>() : [new SetBoxWall(card.Id, goal.Wall, goal.Spot)],
                ]
            );
        }
        else if (card.Was.Kind != goal.Kind)
        {
            card.Do(
                CardMaker.Step(StepStage.BringIn, StepCase.BoxChange, "", [], [size], about) with
                {
                    Touches = card.Box.Leads.Count > 0,
                    Final = BoxKinds.Find(goal.Kind)?.OldWork == true,
                },
                [
                    new SetBoxKind(card.Id, goal.Kind),
                    // A ring its devices stood in goes with the old box.
                    .. card.Box.Parts.Ids.Where(p => !goal.Parts.Has(p)).Select(p => new RemovePart(card.Id, p)),
                ]
            );
        }
    }

    /// <param name="isIn">It is in already; what comes after is still said where this card brought it in.</param>
    private static void Cable(CardMaker card, Id<Run> id, Run run, RunSide side, bool isIn)
    {
        var subject = Subjects.CableEnd(id, side);
        if (isIn && !card.Ticked(StepCase.BringIn, subject))
        {
            return;
        }

        var look = new BoxLook(card.Planned, card.Id, card.Planned.Boxes[card.Id]);
        var fished = look.Fished(subject) == true;
        CardStep Step(StepCase what, params IReadOnlyList<StepItem> items) =>
            CardMaker.Step(StepStage.BringIn, what, subject, [], items, ("cable", new Thing(ThingKind.Cable, subject)), ("type", run.Type));
        var length = Tails.Cut(look);
        CardStep[] opened =
        [
            Step(StepCase.Sheath, Sheath(run, length)) with
            {
                Final = true,
            },
            Step(StepCase.Nicks),
            Step(StepCase.CutLength, new StepItem(ItemCase.LeadLength, Details.None, length)) with
            {
                Final = true,
            },
        ];
        var before = card.House.Says(PracticeBook.SheathOff, "before");
        var held = card.Goal.Entries.Find(run.End(side).Entry ?? "")?.Holding ?? Holding.Unknown;
        if (!isIn)
        {
            var comes = CableComes.Edits(card, id, run, side);
            if (!fished && comes.Any(e => e is SplitRun or MoveRunEnd))
            {
                card.Say(Step(StepCase.StaplesOut));
            }

            Say(card, before ? opened : []);
            card.Do(
                Step(StepCase.BringIn, StepItem.Of(ItemCase.Clamp, ("holding", held))) with
                {
                    Leads = [.. card.Goal.Leads.Where(l => l.Value.Run == id && l.Value.Side == side).Select(l => l.Key)],
                    Touches = true,
                },
                [.. comes, .. CableComes.Says(card, id, run, side)]
            );
        }

        Say(card, before ? [] : opened);
        Say(card, fished ? [] : [Step(StepCase.Fasten, Fastener(look, run, held))]);
    }

    private static void Say(CardMaker card, IEnumerable<CardStep> steps)
    {
        foreach (var step in steps)
        {
            card.Say(step);
        }
    }

    private static StepItem Fastener(BoxLook look, Run run, Holding held)
    {
        var stricter = look.Practice.Says(PracticeBook.Fastener, "stricter");
        var metal = look.Box.Material == BoxMaterial.Metal;
        var limit = run.Type switch
        {
            CableType.Ac => "cable.fastener.ac",
            CableType.Mc => "cable.fastener.mc",
            _ when held is Holding.Nothing => "cable.fastener.free",
            _ when stricter => metal ? "cable.fastener.house.metal" : "cable.fastener.house.plastic",
            _ => "cable.fastener",
        };
        return new(ItemCase.FastenAt, Details.None, look.Limits.Inches(limit));
    }

    /// <summary>How a sheath is opened, by kind: never towards the conductors or the hand. <em>Practice</em>.</summary>
    private static StepItem[] Sheath(Run run, Length length)
    {
        var how = run.Type switch
        {
            CableType.NmB when run.Conductors.Count > 2 => ItemCase.SheathRound,
            CableType.NmB => ItemCase.SheathFlat,
            CableType.UfB => ItemCase.SheathBuried,
            CableType.Ac or CableType.Mc => ItemCase.SheathArmour,
            CableType.Cord => ItemCase.SheathCord,
            CableType.Raceway => ItemCase.SheathRaceway,
            CableType.OldTwoWire or CableType.KnobTube => ItemCase.SheathOld,
            _ => ItemCase.SheathUnknown,
        };
        var opened = StepItem.Of(how) with { Ask = how == ItemCase.SheathUnknown };
        return run.Type == CableType.Raceway ? [opened] : [new(ItemCase.SheathMark, Details.None, length), opened];
    }

    private static void Openings(CardMaker card)
    {
        foreach (var (id, entry) in card.Goal.Entries.Where(e => card.Box.Entries.Find(e.Key) != e.Value))
        {
            var there = card.Box.Entries.Find(id);
            var item =
                entry.State == EntryState.Plugged ? new[] { StepItem.Of(ItemCase.Plug) }
                : entry.State == EntryState.Used || there is not null ? []
                : [StepItem.Of(ItemCase.Knockout)];
            card.Do(
                CardMaker.Step(StepStage.BringIn, StepCase.Entry, id, [], item, ("state", entry.State), ("side", entry.Side)),
                [
                    .. there is null
                        ? [new AddEntry(card.Id, id, entry.Side, entry.State, entry.Holding, entry.Size, entry.Space)]
                        : Array.Empty<Edit>(),
                    new SetEntry(card.Id, id, entry.Side, entry.Place, entry.State, entry.Holding, entry.Size, entry.Space),
                ]
            );
        }

        foreach (var id in card.Box.Entries.Ids.Where(e => !card.Goal.Entries.Has(e)).ToList())
        {
            card.Do(
                CardMaker.Step(StepStage.BringIn, StepCase.Entry, id, [], [], ("state", EntryState.Closed)),
                [new RemoveEntry(card.Id, id)]
            );
        }
    }
}
