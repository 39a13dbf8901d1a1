using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>A look in a setup.</summary>
/// <param name="Shock">What somebody touched and stood on, of a shock.</param>
public sealed record AskedLook(Setup Setup, Look Look, ShockConditions? Shock = null)
{
    // None can be put in afterwards: the key is of all of them.
    public Setup Setup { get; } = Setup;

    public Look Look { get; } = Look;

    public ShockConditions? Shock { get; } = Shock;

    /// <summary>The same text for the same look in the same setup.</summary>
    public string Key { get; } = $"{Setup.Key}~{Look.Kind}~{Look.At}~{Look.To}~{Look.Instrument}~{Shock}";

    internal string SetupKey { get; } = Setup.Key;
}

/// <summary>What each look would show if a suspect were behind it: the scene solved with its faults, setup by setup.</summary>
public static class Predicting
{
    /// <summary>Predictions for looks, in their order.</summary>
    public static IReadOnlyList<Prediction> Of(Scene scene, Suspect suspect, IReadOnlyList<AskedLook> asked)
    {
        ArgumentNullException.ThrowIfNull(scene);
        ArgumentNullException.ThrowIfNull(suspect);
        ArgumentNullException.ThrowIfNull(asked);
        var known = scene.KnownOf(suspect);
        var all = new Prediction[asked.Count];
        var open = new List<(AskedLook a, int i)>();
        for (var i = 0; i < all.Length; i++)
        {
            if (ByHand(suspect, asked[i]) is { } found)
            {
                all[i] = found;
            }
            else if (!known.TryGetValue(asked[i].Key, out all[i]))
            {
                open.Add((asked[i], i));
            }
        }

        foreach (var setup in open.GroupBy(x => (x.a.SetupKey, Reset(suspect, x.a))))
        {
            var first = setup.First().a;
            var stages = Stages(scene, Left(suspect, first), first);
            foreach (var (a, i) in setup)
            {
                all[i] = Seen([.. stages.Select(s => s.Recorded.Of(s.Story, a) ?? Seeing.Of(s.Story, a.Look, a.Shock))], a.Look.Kind);
            }
        }

        scene.Keep(suspect, [.. open.Select(o => KeyValuePair.Create(o.a.Key, all[o.i]))]);
        return all;
    }

    /// <summary>The faults that are there in a setup: a sound device that stands in takes its own along, a reset what has
    /// tripped.</summary>
    private static IReadOnlyList<Fault> Left(Suspect suspect, AskedLook asked) =>
        [
            .. suspect
                .Faults.Where(f => !Swapped(f, asked.Setup))
                .Select(f => f.Offer.Fault)
                .Where(f => f is not Tripped tripped || asked.Look.Kind != LookKind.Guard || tripped.Guard != asked.Look.At),
        ];

    private static string Reset(Suspect suspect, AskedLook asked) =>
        asked.Look.Kind == LookKind.Guard && suspect.Alters.Any(f => f is Tripped) ? asked.Look.At : "";

    private static bool Swapped(Planted planted, Setup setup) =>
        setup.Swapped.Count > 0
        && planted.Offer.About["device"] is Thing { Kind: ThingKind.Device } device
        && setup.Swapped.Contains($"{planted.Box}/{device.Id}");

    /// <summary>How things stand while what comes and goes is there and is not. Where nobody said whether it was wet, it was: what was seen
    /// then is what the trouble is about.</summary>
    private static List<(Story Story, AsRecorded Recorded)> Stages(Scene scene, IReadOnlyList<Fault> faults, AskedLook asked)
    {
        bool[] there = faults.Any(f => f is ComesAndGoes) ? [true, false] : [true];
        return
        [
            .. there
                .Select(t => scene.AsRecorded(asked.Setup, asked.SetupKey, t, asked.Setup.Wet ?? true))
                .Select(r => (r.With(faults), r)),
        ];
    }

    private static Prediction Seen(IReadOnlyList<Sight> sights, LookKind kind)
    {
        if (sights.Skip(1).All(s => s.Same(sights[0])))
        {
            return Prediction.Sure(sights[0]);
        }

        // Who sees it for a while sees it change.
        SeenCase? changing = kind switch
        {
            LookKind.Outlet => SeenCase.Flickers,
            LookKind.Guard => SeenCase.TripsNowAndThen,
            _ => null,
        };
        var each = (changing is null ? 1.0 : 0.5) / sights.Count;
        var all = sights.Select(s => (s, each)).ToList();
        return new(changing is { } c ? [(new Sight(c), 0.5), .. all] : all);
    }

    /// <summary>What an eye or a hand finds in an open box: most of what is in sight or loose there. Null for a look that takes the
    /// network.</summary>
    private static Prediction? ByHand(Suspect suspect, AskedLook asked) =>
        asked.Look.Kind switch
        {
            LookKind.Inside => ByHand(suspect, asked, Odds.InSight, Odds.Spotted, SeenCase.Spoilt, SeenCase.Sound),
            LookKind.Tug => ByHand(suspect, asked, Odds.IsLoose, Odds.Tugged, SeenCase.CameOff, SeenCase.AllHold),
            _ => null,
        };

    private static Prediction ByHand(
        Suspect suspect,
        AskedLook asked,
        Func<OfferCase, bool> shows,
        double odds,
        SeenCase found,
        SeenCase nothing
    ) =>
        suspect.Faults.Any(f => f.Box == asked.Look.At && shows(f.Offer.Case) && !Swapped(f, asked.Setup))
            ? new([(new(found), odds), (new(nothing), 1 - odds)])
            : Prediction.Sure(new(nothing));
}
