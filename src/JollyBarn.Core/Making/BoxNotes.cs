using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>What else is planned of a box besides what hands do in it: marks, sizes, names, answers, where its cables end
/// elsewhere.</summary>
internal static class BoxNotes
{
    public static void Steps(CardMaker card)
    {
        if (!card.Now.Boxes.Has(card.Id))
        {
            return;
        }

        card.Do(
            CardMaker.Step(StepStage.Test, StepCase.Note, "", [], [], ("box", new Thing(ThingKind.Box, card.Id))),
            [
                .. OfBox(card),
                .. LeftFree(card),
                .. OfRuns(card),
                .. OfAnswers(card),
                .. card.Goal.Binned ? [new BinBox(card.Id)] : Array.Empty<Edit>(),
            ],
            last: true
        );
    }

    /// <summary>A part put on, as it is planned.</summary>
    public static IEnumerable<Edit> Part(CardMaker card, string id, Part part) =>
        [new AddPart(card.Id, id, part.Kind, part.Mark), new SetPart(card.Id, id, part.Mark, part.Depth)];

    /// <summary>Rooms, walls and circuits of the plan that the box and its cables name and that are not recorded yet.</summary>
    public static IEnumerable<Edit> Around(CardMaker card)
    {
        var planned = card.Planned;
        if (card.Goal.Place is { } place && !card.Now.Places.Has(place) && planned.Places.Find(place) is { } room)
        {
            yield return new PutPlace(place, room);
        }

        if (card.Goal.Wall is { } wall && !card.Now.Walls.Has(wall) && planned.Walls.Find(wall) is { } face)
        {
            yield return new PutWall(wall, face);
        }

        foreach (var id in planned.Runs.Values.Where(r => r.SidesIn(card.Id).Any()).Select(r => r.Circuit).OfType<Id<Circuit>>().Distinct())
        {
            if (!card.Now.Circuits.Has(id) && planned.Circuits.Find(id) is { } circuit)
            {
                yield return new PutCircuit(id, circuit);
            }
        }
    }

    /// <summary>What the housing is planned to be, before anything lands in it.</summary>
    public static IEnumerable<Edit> Housing(CardMaker card)
    {
        var (id, goal) = (card.Id, card.Goal);
        return
        [
            new SetBoxMark(id, goal.Mark),
            new SetBoxSize(id, goal.Height, goal.Width, goal.Depth),
            new SetClamps(id, goal.Clamps),
            new SetFittings(id, goal.Studs, goal.Hickeys),
            new SetGroundingPlaces(id, goal.MoreGroundHoles + 1, goal.GroundClips),
            .. card.Box.Partitions.Ids.Where(p => !goal.Partitions.Has(p)).Select(p => new RemovePartition(id, p)),
            .. goal
                .Partitions.Where(p => !card.Box.Partitions.Has(p.Key))
                .Select(p => new AddPartition(id, p.Key, p.Value.AfterGang, p.Value.Material, p.Value.Mark)),
            .. card.Box.Blocks.Ids.Where(b => !goal.Blocks.Has(b)).Select(b => new RemoveBlock(id, b)),
            .. goal
                .Blocks.Where(b => !card.Box.Blocks.Has(b.Key))
                .Select(b => new AddBlock(id, b.Key, b.Value.Name, b.Value.Gauge, b.Value.Space)),
        ];
    }

    private static IEnumerable<Edit> OfBox(CardMaker card)
    {
        var (id, goal) = (card.Id, card.Goal);
        return
        [
            new RenameBox(id, goal.Name),
            new PlaceBox(id, goal.Place),
            new SetBoxWall(id, goal.Wall, goal.Spot),
            new SetPrintedCounts(id, goal.PrintedCounts),
            new SetContents(id, goal.Contents),
            new NoteBox(id, goal.Note),
            new AssumeMake(id, goal.Make),
            .. goal.Parts.Where(p => card.Box.Parts.Has(p.Key)).Select(p => new SetPart(id, p.Key, p.Value.Mark, p.Value.Depth)),
            .. goal.Joints.Select(j => new SetJoint(id, j.Key, j.Value.Connector, j.Value.Name, j.Value.Space)),
            .. card.Box.Said.Ids.Where(s => !goal.Said.Has(s)).Select(s => new ForgetSaid(id, s)),
            .. goal
                .Said.Where(s => !card.Box.Said.Has(s.Key))
                .Select(s => new HearSaid(id, s.Key, s.Value.Text, s.Value.Who, s.Value.When)),
        ];
    }

    /// <summary>Ends that are planned to hang free.</summary>
    private static IEnumerable<Edit> LeftFree(CardMaker card) =>
        [.. Joining.Open(card).Where(e => e.At.At is LandingAt.Loose or LandingAt.Unknown).SelectMany(e => Joining.Lay(card, e))];

    /// <summary>Where cables of the box are planned to end elsewhere, what they are called, and their hurts.</summary>
    private static IEnumerable<Edit> OfRuns(CardMaker card)
    {
        foreach (var (id, goal) in card.Planned.Runs.Where(r => r.Value.SidesIn(card.Id).Any()))
        {
            if (card.Now.Runs.Find(id) is not { } now)
            {
                continue;
            }

            foreach (var side in goal.SidesIn(card.Id))
            {
                yield return new NameCable(card.Id, id, side, goal.End(side).Says, goal.End(side).Feeds);
            }

            foreach (var side in new[] { RunSide.A, RunSide.B })
            {
                var (then, end) = (goal.End(side), now.End(side));
                if (then == end)
                {
                    continue;
                }

                if (then is { At: EndAt.Panel, Id: { } panel })
                {
                    yield return new EndAtPanel(id, side, panel, then.Says);
                }
                else if (then is { At: EndAt.Load, Says: { } says })
                {
                    yield return new EndAtLoad(id, side, says);
                }
                else if (then.At == EndAt.Unknown && end.At is EndAt.Panel or EndAt.Load)
                {
                    yield return new LoseEnd(id, side);
                }
            }

            yield return new SetRun(id, goal.Type, goal.Length, goal.Sheath, goal.Circuit ?? (Id<Circuit>)"", goal.Metal, goal.Ground);
            foreach (var hurt in now.Hurts.Ids.Where(h => !goal.Hurts.Has(h)))
            {
                yield return new MendRun(id, hurt);
            }

            foreach (var (hurt, of) in goal.Hurts.Where(h => !now.Hurts.Has(h.Key)))
            {
                yield return new HurtRun(id, hurt, of);
            }
        }
    }

    private static IEnumerable<Edit> OfAnswers(CardMaker card)
    {
        foreach (var of in card.Box.Noted.Ids.Union(card.Goal.Noted.Ids))
        {
            var (was, now) = (card.Box.Noted.Find(of) ?? Noted.Nothing, card.Goal.Noted.Find(of) ?? Noted.Nothing);
            foreach (var key in was.Facts.Ids.Union(now.Facts.Ids).Where(k => was.Facts.Find(k) != now.Facts.Find(k)))
            {
                yield return new NoteFact(card.Id, of, key, now.Facts.Find(key));
            }
        }
    }
}
