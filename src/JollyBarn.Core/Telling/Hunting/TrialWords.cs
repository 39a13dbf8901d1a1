using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Hunting;

/// <summary>Tests in words: what one does, and what is minded first.</summary>
public static class TrialWords
{
    private static readonly Dictionary<TrialCase, (string Title, string Minds)> Cases = new()
    {
        [TrialCase.TryOutlet] = ("Try it", "Plug a lamp in, or look at the lamp that hangs there."),
        [TrialCase.PlugInTester] = (
            "Plug-in tester",
            "Three lamps. It sees no jumper and no neutral and ground exchanged, and proves nothing dead."
        ),
        [TrialCase.TesterButton] = (
            "Button of the plug-in tester",
            "On two wires it opens nothing and can make metal live: use the device's own button there."
        ),
        [TrialCase.OwnButton] = ("Its own test button", "It opens, or it does not."),
        [TrialCase.Read] = ("Read it", "Live: one hand, nothing else touched, the meter tried on a known source first."),
        [TrialCase.ReadToKnownGround] = (
            "Read to a known good ground",
            "Live: a cord from a receptacle known to be good carries its ground here."
        ),
        [TrialCase.SwitchOn] = ("Reset it", "Nobody touches anything of the circuit while it is switched on."),
        [TrialCase.Unplug] = (
            "Unplug everything, then reset",
            "Everything of the circuit, the freezer too. Nobody touches anything meanwhile."
        ),
        [TrialCase.LiftPair] = (
            "Take a pair off, then reset",
            "Prove it dead. Hot and neutral of that cable off and capped; the ground stays. Close up, hands away, reset. "
                + "It is put back later."
        ),
        [TrialCase.FeelWarmth] = (
            "Feel whether it is warm",
            "A heater on behind it for five minutes, then the back of a hand before the plate."
        ),
        [TrialCase.LookInside] = ("Look inside", "Off, tagged, proved dead. Look for what is loose, burnt, wet, nicked."),
        [TrialCase.ThrowSwitch] = (
            "Throw the switch, then look",
            "Nobody's hands in what hangs on it. Lit one way and dark the other, as it should be?"
        ),
        [TrialCase.Tug] = ("Tug each conductor", "Off, tagged, proved dead. Each at its connector and its screw, one after the other."),
        [TrialCase.RingOut] = (
            "Ring out a conductor",
            "Off and proved, both ends of the cable free: the far end of one is brought to the meter by a long lead, "
                + "or by a conductor known to be whole."
        ),
        [TrialCase.DeadLoop] = (
            "Continuity, dead",
            "Off and proved. In a sound house neutral and ground read joined, hot and ground do not."
        ),
        [TrialCase.Insulation] = (
            "Insulation of the run",
            "Off and proved, both ends free, everything unplugged: it drives hundreds of volts. A megohm or more is sound."
        ),
        [TrialCase.SwapDevice] = ("A sound device in its place", "Prove it dead. Line to line, load to load. Reset."),
    };

    public static string Title(TrialCase trial) => Cases[trial].Title;

    public static string Minds(TrialCase trial) => Cases[trial].Minds;

    /// <summary>Where it is made, and how things lie for it.</summary>
    /// <param name="named">Whether the box is named it is made at.</param>
    public static string Where(Job job, Trial trial, bool named = true)
    {
        ArgumentNullException.ThrowIfNull(trial);
        return LookWords.Where(job, trial.Asked.Look, named) + LookWords.Lay(job, trial.Asked.Setup);
    }

    /// <summary>What it can show, likeliest to be wanted first.</summary>
    public static IReadOnlyList<SeenCase> Answers(Look look)
    {
        ArgumentNullException.ThrowIfNull(look);
        return look.Kind switch
        {
            LookKind.Outlet => [SeenCase.Works, SeenCase.Dead, SeenCase.Dim, SeenCase.TooBright, SeenCase.Flickers],
            LookKind.Guard => [SeenCase.Holds, SeenCase.TripsAtOnce, SeenCase.TripsLater, SeenCase.TripsNowAndThen],
            LookKind.Lamps =>
            [
                SeenCase.LampsBothHot,
                SeenCase.LampsHotNeutral,
                SeenCase.LampsReversed,
                SeenCase.LampsHotGround,
                SeenCase.LampsGroundHot,
                SeenCase.LampsNeutralGround,
                SeenCase.LampsAll,
                SeenCase.LampsNone,
            ],
            LookKind.OwnButton => [SeenCase.Opens, SeenCase.NothingOpens],
            LookKind.Touch => [SeenCase.Felt, SeenCase.NotFelt],
            LookKind.Warmth => [SeenCase.Warm, SeenCase.Cool],
            LookKind.Inside => [SeenCase.Spoilt, SeenCase.Sound],
            LookKind.Tug => [SeenCase.CameOff, SeenCase.AllHold],
            LookKind.Insulation => [SeenCase.High, SeenCase.Low],
            _ => look.Instrument == "plug-in" ? [SeenCase.Opens, SeenCase.NothingOpens] : [SeenCase.Something, SeenCase.Nothing],
        };
    }
}
