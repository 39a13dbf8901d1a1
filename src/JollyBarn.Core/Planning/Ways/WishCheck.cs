using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Whether a wish can be looked for.</summary>
public static class WishCheck
{
    private const int MostAnswers = 500;
    private const decimal MostWeight = 1000;
    private const decimal MostAmperes = 60;

    /// <summary>What of it cannot be, or null.</summary>
    public static Refusal? Of(Job job, Wish wish) =>
        Refuse.BadEnum(wish.Kind, "kind")
        ?? (wish.Box is { } box && job.Boxes.Find(box) is not { Binned: false } ? Refuse.Missing(What.Box, box, "box") : null)
        ?? (wish.Run is { } run && !job.Runs.Has(run) ? Refuse.Missing(What.Cable, run, "run") : null)
        ?? (wish.Place is { } place && !job.Places.Has(place) ? Refuse.Missing(What.Place, place, "place") : null)
        ?? (wish.Device is { } device && DeviceKinds.Find(device) is null ? Refuse.Missing(What.DeviceKind, device, "device") : null)
        ?? (wish.Panel is { } panel && !job.Panels.Has(panel) ? Refuse.Missing(What.Panel, panel, "panel") : null)
        ?? (
            wish.Amperes is not (null or (>= 10 and <= MostAmperes)) ? new Refusal(Why.WishAmperes, "amperes", ("most", MostAmperes)) : null
        )
        ?? (
            wish.Line is { } line && job.Reports.Find(line.Report)?.Lines.Has(line.Line) != true
                ? Refuse.Missing(What.Line, line.Line, "line")
                : null
        )
        ?? (wish.Wall is { } wall && !job.Walls.Has(wall) ? Refuse.Missing(What.Wall, wall, "wall") : null)
        ?? (wish.Spot is { } spot ? Tapes.BadSpot(job, wish.Wall, spot) : null)
        ?? Refuse.BadNote(wish.Name, "name")
        ?? (TooFar(wish.Away) ? new Refusal(Why.WishLength, "away") : null)
        ?? (TooHeavy(wish.Weights) ? new Refusal(Why.WishWeight, "weights", ("most", MostWeight)) : null)
        ?? Needs(wish)
        ?? (
            wish is { Kind: WishKind.ReplaceDevice, Of: { } of } && !job.Boxes[wish.Box!.Value].Devices.Has(of)
                ? Refuse.Missing(What.Device, of, "of")
                : null
        );

    private static bool TooFar(IReadOnlyDictionary<string, Length>? away) =>
        away is not null && (away.Count > MostAnswers || away.Values.Any(l => l < Length.Zero || l > Length.Inches(12 * 1000)));

    private static bool TooHeavy(IReadOnlyDictionary<string, decimal>? weights) =>
        weights is not null && weights.Values.Any(w => w is not (>= 0 and <= MostWeight));

    /// <summary>What a wish of its kind is about.</summary>
    private static Refusal? Needs(Wish wish) =>
        wish.Kind switch
        {
            WishKind.NewBreaker => null,
            WishKind.MendCable => wish.Run is null ? new Refusal(Why.WishNeeds, "run", ("what", What.Cable)) : null,
            WishKind.MoreOutlets => wish.Box is null && wish.Place is null ? new Refusal(Why.WishNeeds, "box", ("what", What.Box)) : null,
            _ => wish.Box is null ? new Refusal(Why.WishNeeds, "box", ("what", What.Box)) : null,
        };
}
