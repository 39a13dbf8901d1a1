using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Testing;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Hunting;

/// <summary>Three cases as the trade meets them. What is suspected, in what order one looks, and what clears what are common
/// practice.</summary>
public class TradeCaseTests
{
    private static readonly Look Resets = new(LookKind.Guard, GuardKey.Device("b", "g").ToString());

    private static readonly HashSet<OfferCase> Leaks =
    [
        OfferCase.WetSplice,
        OfferCase.WetSpliceInRain,
        OfferCase.LeaksInGround,
        OfferCase.LeaksInGroundInRain,
        OfferCase.TouchesGround,
        OfferCase.SkinnedAlong,
        OfferCase.NailThrough,
    ];

    /// <summary>Upstream and the device cleared first, then pair by pair, then the far end freed.</summary>
    [Fact]
    public void A_protective_receptacle_that_trips_is_halved_to_the_wet_splice_in_the_post()
    {
        var scene = Scene.Of(TroubledHouse.YardPost(), []);
        var tripped = Trouble((Resets, SeenCase.TripsAtOnce, Setup.AsItIs));
        Assert.Equal(TrialCase.Unplug, NextTrial.Of(Suspects.Of(scene, tripped), Means.Usual).Ranked[0].Trial.Case);

        var unplugged = Also(tripped, (Resets, SeenCase.TripsAtOnce, new(Unplugged: true)));
        var first = NextTrial.Of(Suspects.Of(scene, unplugged), Means.Usual).Ranked[0];
        Assert.Equal(TrialCase.LiftPair, first.Trial.Case);

        // With the load side off it holds: line side and works are cleared.
        var cleared = Also(unplugged, (Resets, SeenCase.Holds, new(["safe.a"])));
        Assert.True(
            Sum(Suspects.Of(scene, cleared), f =>
                f.Offer.Case == OfferCase.DeadInside || f.Offer.About.ToString().Contains("feed", StringComparison.Ordinal)
            ) < 0.02
        );

        // The cable to the shed is off and it trips; that to the post is off and it holds.
        var paired = Also(cleared, (Resets, SeenCase.TripsAtOnce, new(["shed.a"])), (Resets, SeenCase.Holds, new(["buried.a"])));
        Assert.True(Sum(Suspects.Of(scene, paired), AtTheEnd) > 0.9);

        // The far end is freed and it still trips: the cable or the joints at it; freed and it holds: what hangs in the post.
        var far = Also(paired, (Resets, SeenCase.Holds, new(["buried.b"])));
        Assert.True(
            Sum(Suspects.Of(scene, far), f => f.Offer.Case is OfferCase.LeaksInGround or OfferCase.NailThrough or OfferCase.SkinnedAlong)
                < 0.05
        );
    }

    private static bool AtTheEnd(Planted planted) =>
        Leaks.Contains(planted.Offer.Case) && planted.Offer.About.ToString().Contains("buried", StringComparison.Ordinal);

    /// <summary>A tester that says correct and a shock from the metal of an ungrounded circuit: hot and neutral are exchanged and neutral
    /// is joined to the metal. No single slip does both; read to an independent ground it shows.</summary>
    [Fact]
    public void A_shock_with_a_content_tester_on_two_wires_is_a_crossed_feed_and_a_jumper()
    {
        var scene = Scene.Of(TroubledHouse.TwoWire(), []);
        var complaint = Trouble(
            (new(LookKind.Touch, Points.Metal("b")), SeenCase.Felt, Setup.AsItIs),
            (new(LookKind.Lamps, Points.Face("b", "r", "upperhot")), SeenCase.LampsBothHot, Setup.AsItIs)
        );
        var suspects = Suspects.Of(scene, complaint);
        var crossed = suspects.All.Where(a => a.Against.Count == 0 && a.Suspect.Kind == SuspectKind.Fault).ToList();
        Assert.NotEmpty(crossed);
        Assert.All(crossed.Take(3), c =>
            Assert.Contains(c.Suspect.Faults, f => f.Offer.Case is OfferCase.LessonCrossed or OfferCase.Jumper or OfferCase.Exchanged)
        );
        var known = NextTrial.Of(suspects, Means.Usual).Ranked.Select(r => r.Trial.Case).ToList();
        Assert.Contains(known, c => c is TrialCase.ReadToKnownGround or TrialCase.LookInside or TrialCase.DeadLoop);

        // The wide slot reads live to the panel's ground, by a cord.
        var read = new Look(LookKind.Instrument, Points.Face("b", "r", "upperneutral"), Points.GroundBar("p"), "two-pole");
        var after = Suspects.Of(scene, Also(complaint, (read, SeenCase.Something, Setup.AsItIs)));
        Assert.Empty(after.All[0].Against);
        Assert.Contains(after.All[0].Suspect.Faults, f => f.Offer.Case is OfferCase.LessonCrossed or OfferCase.Exchanged);
    }

    /// <summary>What is dead hangs behind what works: the first suspects are push-in holes between, and one looks in the middle.</summary>
    [Fact]
    public void Half_a_room_dead_is_a_push_in_hole_between_and_the_middle_is_tried()
    {
        var scene = Scene.Of(TroubledHouse.PushedThrough(6), []);
        Look At(int box) => new(LookKind.Outlet, Points.Face($"b0.{box}", "d", "upperhot"), Points.Face($"b0.{box}", "d", "upperneutral"));
        var suspects = Suspects.Of(
            scene,
            Trouble((At(5), SeenCase.Dead, Setup.AsItIs), (At(4), SeenCase.Dead, Setup.AsItIs), (At(0), SeenCase.Works, Setup.AsItIs))
        );
        Assert.All(suspects.All.Take(8), s =>
        {
            Assert.Equal(OfferCase.ComesOff, s.Suspect.Faults[0].Offer.Case);
            var lead = ((Terms.Thing)s.Suspect.Faults[0].Offer.About["lead"]!).Id;
            Assert.EndsWith("/push", scene.Job.Boxes[s.Suspect.Faults[0].Box].Leads[lead].Lands.Place, StringComparison.Ordinal);
        });
        var next = NextTrial.Of(suspects, Means.Usual).Ranked[0];
        Assert.Contains(Places.Of(scene.Job, next.Trial.Asked.Look).Single().Text, new[] { "b0.1", "b0.2", "b0.3" });
        Assert.Empty(next.Trial.Opens);
    }

    /// <summary>A word that is wrong lowers belief and empties nothing; taken back, it is as before.</summary>
    [Fact]
    public void Observations_that_contradict_each_other_empty_nothing()
    {
        var scene = Scene.Of(TroubledHouse.YardPost(), []);
        var once = Trouble((Resets, SeenCase.TripsAtOnce, Setup.AsItIs));
        var both = Also(once, (Resets, SeenCase.Holds, Setup.AsItIs));
        Assert.Equal(1, Suspects.Of(scene, both).All.Sum(a => a.Belief), 6);
        Assert.All(Suspects.Of(scene, both).All, a => Assert.True(a.Belief >= 0));
        var back = both with { Observed = both.Observed.Without("o1") };
        Assert.Equal(
            Suspects.Of(scene, once).All.Select(a => (a.Suspect.Key, a.Belief)),
            Suspects.Of(scene, back).All.Select(a => (a.Suspect.Key, a.Belief))
        );
    }

    /// <summary>Three things that no fault does together: nothing the program knows explains it, and it names what speaks against
    /// all.</summary>
    [Fact]
    public void What_no_fault_explains_is_none_of_what_the_program_knows()
    {
        var scene = Scene.Of(SmallHouse.Rows(1, 4), []);
        Look At(int box) => new(LookKind.Outlet, Points.Face($"b0.{box}", "d", "upperhot"), Points.Face($"b0.{box}", "d", "upperneutral"));
        var seen = Enumerable.Range(0, 4).Select(b => (At(b), SeenCase.TooBright, Setup.AsItIs)).ToArray();
        var suspects = Suspects.Of(scene, Trouble(seen));
        Assert.Equal(SuspectKind.None, suspects.All[0].Suspect.Kind);
        Assert.True(suspects.Unexplained.Count >= 3);
    }

    internal static Complaint Trouble(params (Look Look, SeenCase Shows, Setup Setup)[] seen) =>
        Also(new Complaint("something is wrong", "Ines", "2026-10-01T08:00:00Z"), seen);

    private static Complaint Also(Complaint complaint, params (Look Look, SeenCase Shows, Setup Setup)[] seen) =>
        seen.Aggregate(complaint, (c, s) =>
            c with
            {
                Observed = c.Observed.With(
                    $"o{c.Observed.Count}",
                    new Observed(s.Look, s.Shows, "Ines", $"2026-10-01T08:{c.Observed.Count:00}:00Z", s.Setup)
                ),
            }
        );

    private static double Sum(Suspects suspects, Func<Planted, bool> of) =>
        suspects.All.Where(a => a.Suspect.Faults.Any(of)).Sum(a => a.Belief);
}
