using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Testing;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;
using WiredHouse = JollyBarn.Practice.Houses.WiredHouse;

namespace JollyBarn.Core.Tests.Hunting;

/// <summary>What is predicted of a suspect is what the whole network says with that fault planted.</summary>
public class PredictionTests
{
    /// <summary>Of three rows one is the scene: its predictions are those of the whole house, solved anew with every breaker on.</summary>
    [Fact]
    public void A_part_of_the_house_predicts_what_the_whole_house_shows()
    {
        var house = SmallHouse.Rows(3, 4);
        var scene = Scene.Of(house, ["b1.0"]);
        Assert.Equal(["b1.0", "b1.1", "b1.2", "b1.3"], scene.Boxes.Select(b => b.Text));
        var looks = Trials
            .Outside(scene, Means.Usual)
            .Select(t => t.Asked)
            .Where(a =>
                a.Setup == Setup.AsItIs && a.Look is { Kind: LookKind.Instrument, Instrument: "two-pole" } or { Kind: LookKind.Guard }
            )
            .ToList();
        foreach (
            var suspect in Singles(scene).Where(s => s.Faults[0].Offer.Fault is not (ComesAndGoes or Tripped)).Where((_, i) => i % 3 == 0)
        )
        {
            var predicted = Predicting.Of(scene, suspect, looks);
            var story = Story.Unfold(
                Live.Fresh(house, new Situation { Breakers = Signature.AllOn(house), Faults = [suspect.Faults[0].Offer.Fault] })
            );
            foreach (var (asked, sight) in looks.Zip(predicted))
            {
                if (asked.Look.Kind == LookKind.Guard)
                {
                    var opens = story.Openings.Any(o => o.Guard.ToString() == asked.Look.At);
                    Assert.Equal(opens, sight.Likeliest.Case is SeenCase.TripsAtOnce or SeenCase.TripsLater);
                }
                else
                {
                    var volts = Instruments.Between(story.End, "two-pole", asked.Look.At, asked.Look.To!)!.Volts!.Value;
                    Assert.Equal(volts, sight.Likeliest.Value, 0.5);
                }
            }
        }
    }

    /// <summary>Lamps, a lamp at an outlet and a tester's button, each laid as branches and solved anew, for every fault of houses
    /// with and without what watches for ground faults: also where the fault takes no part in what is seen.</summary>
    [Fact]
    public void What_is_laid_and_solved_anew_shows_what_is_predicted()
    {
        var (shown, other) = (0, 0);
        foreach (var house in new[] { TroubledHouse.YardPost(), TroubledHouse.PushedThrough(3), TroubledHouse.TwoWire() })
        {
            var scene = Scene.Of(house, []);
            var looks = Trials
                .Outside(scene, Means.Usual)
                .Select(t => t.Asked)
                .Where(a => a.Setup == Setup.AsItIs && (a.Look.Kind is LookKind.Outlet or LookKind.Lamps || a.Look.Instrument == "plug-in"))
                .ToList();
            var sound = Predicting.Of(scene, Suspect.Sound, looks);
            foreach (var fault in Singles(scene).Where(s => s.Faults[0].Offer.Fault is not (ComesAndGoes or Tripped or OfWhatIsPlugged)))
            {
                var now = new Situation { Breakers = Signature.AllOn(house), Faults = [fault.Faults[0].Offer.Fault] };
                var end = Story.Unfold(Live.Fresh(house, now)).End;
                foreach (var ((look, sight), was) in looks.Select(a => a.Look).Zip(Predicting.Of(scene, fault, looks)).Zip(sound))
                {
                    Assert.Equal((fault.Key, look, Anew(end, look)), (fault.Key, look, sight.Likeliest.Case));
                    (shown, other) = (shown + 1, other + (sight.Likeliest.Same(was.Likeliest) ? 0 : 1));
                }
            }
        }

        Assert.True(shown > 3000 && other > shown / 10, $"{other} of {shown} otherwise than sound");
    }

    private static SeenCase Anew(Live end, Look look)
    {
        string Slot(string slot) => look.At[..^"hot".Length] + slot;
        var hot = end.At(look.At);
        if (look.Kind == LookKind.Outlet)
        {
            var neutral = end.At(look.To!);
            var volts = end.Solved.With(new Branch(hot, neutral, 3 / 120.0)).Between(hot, neutral);
            return (volts / 120) switch
            {
                < 0.25 => SeenCase.Dead,
                < 0.85 => SeenCase.Dim,
                > 1.12 => SeenCase.TooBright,
                _ => SeenCase.Works,
            };
        }

        if (look.Kind == LookKind.Instrument)
        {
            var pressed = Story.Unfold(end.With(new Bridged(look.At, look.To!, 120 / 0.008)));
            return pressed.Openings.Count > 0 ? SeenCase.Opens : SeenCase.NothingOpens;
        }

        var (n, g) = (end.At(Slot("neutral")), end.At(Slot("ground")));
        Branch Lamp(int one, int two) => new(one, two, 1.0 / 60_000);
        var lamps = end.Has(Slot("ground")) ? end.Solved.With(Lamp(hot, n), Lamp(hot, g), Lamp(n, g)) : end.Solved.With(Lamp(hot, n));
        bool Lit(int one, int two) => lamps.Between(one, two) >= 80;
        return (Lit(hot, n), end.Has(Slot("ground")) && Lit(hot, g), end.Has(Slot("ground")) && Lit(n, g)) switch
        {
            (false, false, false) => SeenCase.LampsNone,
            (true, false, false) => SeenCase.LampsHotNeutral,
            (false, true, false) => SeenCase.LampsHotGround,
            (false, false, true) => SeenCase.LampsNeutralGround,
            (true, true, false) => SeenCase.LampsBothHot,
            (true, false, true) => SeenCase.LampsReversed,
            (false, true, true) => SeenCase.LampsGroundHot,
            _ => SeenCase.LampsAll,
        };
    }

    /// <summary>A light that never comes on: the switch before it may be what is wrong. Common practice: whoever finds the lamp sound
    /// looks at the switch next. A contact that never closes leaves dead what hangs behind it, whichever way the lever lies; one that
    /// never opens leaves it lit once the switch is thrown.</summary>
    [Fact]
    public void A_switch_that_is_wrong_inside_is_seen_at_the_lamp_behind_it()
    {
        var (dead, stuck) = (0, 0);
        foreach (var scene in Enumerable.Range(1, 4).SelectMany(seed => Scene.Apart(WiredHouse.Make(seed), [])))
        {
            foreach (var fault in Singles(scene).Where(s => s.Faults[0].Offer.Case is OfferCase.NeverCloses or OfferCase.NeverOpens))
            {
                var noticed = HiddenFault.First(scene, Means.Usual, fault);
                if (noticed is null)
                {
                    continue;
                }

                Assert.Equal(LookKind.Outlet, noticed.Look.Kind);
                var shows = Predicting.Of(scene, fault, [noticed])[0].Likeliest.Case;
                var sound = Predicting.Of(scene, Suspect.Sound, [noticed])[0].Likeliest.Case;
                var closes = fault.Faults[0].Offer.Case == OfferCase.NeverCloses;
                Assert.Equal(closes ? (SeenCase.Works, SeenCase.Dead) : (SeenCase.Dead, SeenCase.Works), (sound, shows));
                Assert.Equal(closes ? 0 : 1, noticed.Setup.Thrown.Count);
                (dead, stuck) = (dead + (closes ? 1 : 0), stuck + (closes ? 0 : 1));
            }
        }

        Assert.True(dead >= 3 && stuck >= 3, $"{dead} leave something dead, {stuck} leave it lit");
    }

    /// <summary>Common practice: a cut cable reads open from end to end however well its ends are joined, and a joint that came off is no
    /// matter to a cable that lies free; a hand that tugs finds the joint in its own box and no other.</summary>
    [Fact]
    public void A_cut_cable_does_not_ring_and_a_loose_joint_comes_off_in_the_hand()
    {
        var scene = Scene.Of(SmallHouse.Rows(1, 4), []);
        var trials = Trials.Of(scene, Means.Usual);
        var singles = Singles(scene).ToList();
        AskedLook[] rings = [.. trials.Where(t => t.Case == TrialCase.RingOut).Select(t => t.Asked)];
        AskedLook[] tugs = [.. trials.Where(t => t.Case == TrialCase.Tug).Select(t => t.Asked)];

        // Three cables from box to box, two conductors each; four boxes.
        Assert.Equal((6, 4), (rings.Length, tugs.Length));
        foreach (var cut in singles.Where(s => s.Faults[0].Offer.Case == OfferCase.BrokenAlong))
        {
            Assert.InRange(Predicting.Of(scene, cut, rings).Count(p => p.Likeliest.Case == SeenCase.Nothing), 0, 1);
        }

        Assert.Equal(6, singles.Where(s => s.Faults[0].Offer.Case == OfferCase.BrokenAlong).Sum(Open));
        foreach (var loose in singles.Where(s => s.Faults[0].Offer.Case == OfferCase.ComesOff))
        {
            Assert.Equal(0, Open(loose));
            var found = tugs.Zip(Predicting.Of(scene, loose, tugs)).Where(t => t.Second.Likeliest.Case == SeenCase.CameOff);
            Assert.Equal([loose.Faults[0].Box.ToString()], found.Select(t => t.First.Look.At));
        }

        int Open(Suspect suspect) => Predicting.Of(scene, suspect, rings).Count(p => p.Likeliest.Case == SeenCase.Nothing);
    }

    /// <summary>Who tests in a box that lies open already opens nothing more, and so that test comes before its like elsewhere.</summary>
    [Fact]
    public void A_box_that_lies_open_is_not_opened_again()
    {
        var trial = Trials.Of(Scene.Of(SmallHouse.Rows(1, 3), []), Means.Usual).First(t => t.Case == TrialCase.Tug);
        Assert.Equal(trial.Minutes, trial.After(trial.Opens.ToHashSet()));
        Assert.True(trial.Cost > trial.Minutes);
    }

    /// <summary>A sound house shows a healthy tester everywhere, and its breaker holds. Common practice: two of three lamps.</summary>
    [Fact]
    public void Without_a_fault_everything_works()
    {
        var scene = Scene.Of(TroubledHouse.YardPost(), []);
        var trials = Trials.Outside(scene, Means.Usual).ToList();
        var sound = Predicting.Of(scene, Suspect.Sound, [.. trials.Select(t => t.Asked)]);
        foreach (var (trial, sight) in trials.Zip(sound.Select(s => s.Likeliest.Case)))
        {
            SeenCase? right = trial.Asked.Look.Kind switch
            {
                LookKind.Outlet => SeenCase.Works,
                LookKind.Guard => SeenCase.Holds,
                LookKind.Lamps => SeenCase.LampsBothHot,
                LookKind.OwnButton => SeenCase.Opens,
                LookKind.Warmth => SeenCase.Cool,
                _ => null,
            };
            Assert.True(right is null || right == sight, $"{trial.Key}: {sight}");
        }
    }

    /// <summary>Water only when it rains, leakage only while it is plugged in: each is gone with its cause. UL 943: 8 mA open it.</summary>
    [Fact]
    public void A_leak_of_the_rain_is_gone_when_it_is_dry_and_one_of_a_thing_when_it_is_unplugged()
    {
        var scene = Scene.Of(TroubledHouse.YardPost(), []);
        var look = new Look(LookKind.Guard, GuardKey.Device("b", "g").ToString());
        SeenCase Of(OfferCase fault, string box, Setup setup) =>
            Predicting
                .Of(scene, Singles(scene).First(s => s.Faults[0].Offer.Case == fault && s.Faults[0].Box == box), [new(setup, look)])[0]
                .Likeliest.Case;
        Assert.Equal(SeenCase.TripsAtOnce, Of(OfferCase.WetSpliceInRain, "post", new(Wet: true)));
        Assert.Equal(SeenCase.Holds, Of(OfferCase.WetSpliceInRain, "post", new(Wet: false)));
        Assert.Equal(SeenCase.TripsAtOnce, Of(OfferCase.LeakyAppliance, "s", Setup.AsItIs));
        Assert.Equal(SeenCase.Holds, Of(OfferCase.LeakyAppliance, "s", new(Unplugged: true)));
        Assert.Equal(SeenCase.TripsAtOnce, Of(OfferCase.WetSplice, "post", new(Unplugged: true)));
        Assert.Equal(SeenCase.Holds, Of(OfferCase.WetSplice, "post", new(["buried.a"])));
    }

    [Fact]
    public void The_fewest_tests_reveal_all_that_any_test_reveals()
    {
        var house = TroubledHouse.YardPost();
        var usual = Acceptance.Of(house, null, Means.Usual);
        var scene = Scene.Of(house, []);
        var (suspects, trials, rows) = Acceptance.Rows(scene, scene.Boxes.ToHashSet(), Trials.Outside(scene, Means.Usual));
        Assert.Equal(rows.Count(r => r.Count > 0), usual.Revealed);
        Assert.Equal(suspects.Count, usual.Faults);
        Assert.True(usual.Tests.Count < trials.Count / 2);
        Assert.Equal(usual.Revealed, usual.Tests.Sum(t => t.Reveals));
    }

    /// <summary>Common practice: on two wires a plug-in tester and its button see less than a meter that is read to a known good ground; a
    /// breaker that never opens none of them sees.</summary>
    [Fact]
    public void A_plug_in_tester_alone_leaves_more_unseen_and_says_what_would_see_it()
    {
        var house = TroubledHouse.TwoWire();
        var (usual, plug) = (Acceptance.Of(house, null, Means.Usual), Acceptance.Of(house, null, new(["plug-in"])));
        Assert.True(plug.Revealed < usual.Revealed, $"{plug.Revealed} {usual.Revealed}");
        Assert.Contains(plug.NotSeen, u => u.Fault.Offer.Case == OfferCase.StuckBreaker);
        Assert.Contains(plug.NotSeen, u => u.Would is { Case: TrialCase.ReadToKnownGround or TrialCase.Read or TrialCase.DeadLoop });
    }

    private static IEnumerable<Suspect> Singles(Scene scene) =>
        Suspects.Singles(scene, new HashSet<Id<Box>>()).Where(s => s.Kind == SuspectKind.Fault);
}
