using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>How the end of a run comes into a box: as a new cable, as the other end of one that is there, as one that was opened along its
/// way, or pulled over from another box.</summary>
internal static class CableComes
{
    /// <summary>The edits that bring the end of a run in here.</summary>
    public static Edit[] Edits(CardMaker card, Id<Run> id, Run run, RunSide side)
    {
        var end = run.End(side);
        var entry = end.Entry ?? "in";
        var at = card.Goal.Entries.Find(entry) ?? new Entry();
        if (card.Now.Runs.Find(id) is { } now)
        {
            return now.End(side).At == EndAt.Unknown
                ? [new ConnectRun(card.Id, id, side, entry, at.Side, end.Says, end.Feeds)]
                : Split(card, id, run, side)
                    ?? (now.End(side).Box is { } old ? [new MoveRunEnd(old, id, side, card.Id, entry, at.Side)] : []);
        }

        if (Split(card, id, run, side) is { } split)
        {
            return split;
        }

        if (side == RunSide.A)
        {
            return [new AddCable(card.Id, id, entry, CableSpec.Like(run), at.Side, at.Holding, end.Says, end.Feeds)];
        }

        // Pulled from the box at its other end, where it is brought in as well.
        return run.A.Box is { } far && card.Now.Boxes.Has(far)
            ?
            [
                new AddCable(
                    far,
                    id,
                    run.A.Entry ?? "in",
                    CableSpec.Like(run),
                    card.Planned.Boxes.Find(far)?.Entries.Find(run.A.Entry ?? "")?.Side ?? EntrySide.Top,
                    null,
                    run.A.Says,
                    run.A.Feeds
                ),
                new ConnectRun(card.Id, id, side, entry, at.Side, end.Says, end.Feeds),
            ]
            : [];
    }

    /// <summary>A cable that was opened along its way and comes in here by both of its pieces.</summary>
    private static Edit[]? Split(CardMaker card, Id<Run> id, Run run, RunSide side)
    {
        var whole = side == RunSide.B ? id : Whole(card, id, run);
        var first = side == RunSide.B ? run : null;
        if (whole is not { } cut || card.Now.Runs.Find(cut) is not { } now || now.SidesIn(card.Id).Any())
        {
            return null;
        }

        first ??= card.Planned.Runs.Find(cut);
        var further = card.Planned.Runs.FirstOrNull(r => !card.Now.Runs.Has(r.Key) && r.Value.A.IsIn(card.Id) && SameFar(r.Value.B, now.B));
        if (first is not { B: { } b } || !b.IsIn(card.Id) || further is null)
        {
            return null;
        }

        var on = further.Value;

        return
        [
            new SplitRun(
                card.Id,
                cut,
                on.Key,
                b.Entry ?? "in",
                on.Value.A.Entry ?? "on",
                card.Goal.Entries.Find(b.Entry ?? "")?.Side ?? EntrySide.Top,
                card.Goal.Entries.Find(on.Value.A.Entry ?? "")?.Side ?? EntrySide.Bottom,
                first.Length.OrNull is null ? null : first.Length
            ),
        ];
    }

    /// <summary>The cable that a new piece was part of: one that ended where the piece ends now and is planned to end here.</summary>
    private static Id<Run>? Whole(CardMaker card, Id<Run> id, Run piece) =>
        card.Now.Runs.Has(id)
            ? null
            : card
                .Now.Runs.FirstOrNull(r => SameFar(piece.B, r.Value.B) && card.Planned.Runs.Find(r.Key) is { } then && then.B.IsIn(card.Id))
                ?.Key;

    private static bool SameFar(RunEnd one, RunEnd other) => one.At == other.At && one.Id == other.Id && one.Entry == other.Entry;

    /// <summary>What else is planned of the run: what it is called here, how long it is, whose circuit it is.</summary>
    public static IEnumerable<Edit> Says(CardMaker card, Id<Run> id, Run run, RunSide side)
    {
        var end = run.End(side);
        yield return new NameCable(card.Id, id, side, end.Says, end.Feeds);
        yield return new SetRun(
            id,
            run.Type,
            run.Length,
            run.Sheath,
            run.Circuit ?? (Id<Circuit>)"",
            Ground: card.Now.Runs.Find(id)?.Ground == run.Ground ? null : run.Ground
        );
    }
}
