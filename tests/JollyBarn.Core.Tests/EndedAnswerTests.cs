using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>An answer is about one thing and ends with it, common practice: a new receptacle is not tamper-resistant because the old one
/// was, a joint that was opened is not tight because it was, and what is replaced is judged by today, NEC 406.4(D).</summary>
public class EndedAnswerTests
{
    /// <summary>Every fact of a thing that can be taken out; the length of a lead and of a pigtail stand on it and go with it.</summary>
    public static TheoryData<string> OfThings() =>
        [
            .. FactKeys
                .All.Where(f => f.Of is not (FactOf.Box or FactOf.Panel or FactOf.Circuit))
                .Where(f => f != LeadFacts.Length && f != LeadFacts.TailLength)
                .Select(f => f.Id),
        ];

    [Theory]
    [MemberData(nameof(OfThings))]
    public void Taken_out_and_put_in_again_by_the_same_name_a_thing_is_asked_about_anew(string key)
    {
        var fact = FactKeys.Find(key)!;
        var job = House();
        var (of, again) = OutAndIn(fact.Of, job);
        var noted = Noted(job, fact, of);
        Assert.NotNull(Read(noted, fact, of));
        Assert.Null(Read(noted.Do(again), fact, of));
    }

    [Theory]
    [InlineData("tamper", "r", true)]
    [InlineData("rating", "r", true)]
    [InlineData("torqued", "r", true)]
    [InlineData("self-ground", "r", true)]
    [InlineData("as-built", "box", true)]
    [InlineData("load", "r", false)]
    [InlineData("load-how", "r", false)]
    [InlineData("near-water", "box", false)]
    [InlineData("bond-screw", "box", false)]
    public void Swapped_for_another_kind_a_device_is_another(string key, string of, bool ends) =>
        Ended(key, of, ends, new SwapDevice("b", "r", "protective"));

    [Theory]
    [InlineData("bond-screw", true)]
    [InlineData("held", true)]
    [InlineData("box-wet-listed", true)]
    [InlineData("fan-listed", true)]
    [InlineData("setback", true)]
    [InlineData("as-built", true)]
    [InlineData("height", false)]
    [InlineData("near-water", false)]
    [InlineData("plate-metal", false)]
    [InlineData("use", false)]
    public void Another_box_in_its_place_is_another(string key, bool ends) => Ended(key, "box", ends, new SetBoxKind("b", "device-2g"));

    [Fact]
    public void A_box_whose_kind_becomes_known_is_the_same_box()
    {
        var unknown = House().Do(new SetBoxKind("b", BoxKinds.Unlisted));
        var fact = FactKeys.Find("held")!;
        Assert.NotNull(Read(Noted(unknown, fact, "box").Do(new SetBoxKind("b", "device-3x2x3-1/2")), fact, "box"));
    }

    /// <summary>What is the same after an edit keeps its answers: the same kind again, a name, a place in the row.</summary>
    [Fact]
    public void What_is_not_replaced_keeps_its_answers()
    {
        Ended("held", "box", false, new SetBoxKind("b", "device-3x2x3-1/2"));
        Ended("tamper", "r", false, new SwapDevice("b", "r", "receptacle"));
        Ended("tamper", "r", false, new SetDevice("b", "r", "by the door"));
        Ended("two-listed", "k0", false, new SetEntry("b", "k0", EntrySide.Left));
        Ended("tight", "hots", false, new SetJoint("b", "hots", "twist-on-medium", "blacks"));
        Ended("torqued", "r", false, new MoveLead("b", "r0.a0", Landing.Loose));
    }

    [Fact]
    public void A_joint_opened_a_lead_moved_a_screw_turned_and_a_clamp_changed_are_looked_at_again()
    {
        Ended("tight", "hots", true, new MoveLead("b", "r0.a0", Landing.Loose));
        Ended("tight", "hots", true, new AddPigtail("b", "more", GfciBox.In("hots"), Landing.Loose));
        Ended("joint-listed", "hots", true, new SetJoint("b", "hots", "push-in-4", "hots"));
        Ended("torqued", "r", true, new LandPigtail("b", "t0", true, GfciBox.At("hot-lower/screw", "r")));
        Ended("hook", "r0.a0", true, new MoveLead("b", "r0.a0", GfciBox.At("hot-lower/screw", "r")));
        Ended("hook", "t0", true, new LandPigtail("b", "t0", true, GfciBox.At("hot-lower/screw", "r")));
        Ended("bare", "t0", false, new SetPigtail("b", "t0", "black", Fact<Measures.Length>.Unknown));
        Ended("damage", "r0.a0", false, new MoveLead("b", "r0.a0", Landing.Loose));
        Ended(
            "two-listed",
            "k0",
            true,
            new SetEntry("b", "k0", Holding: Holding.InternalClamp),
            new SetEntry("b", "k0", Holding: Holding.Flap)
        );
    }

    [Fact]
    public void A_plate_taken_off_takes_what_was_said_of_it()
    {
        var fact = FactKeys.Find("plate-metal")!;
        var covered = Noted(Jobs.WithBox("square-4x2-1/8").Do(new AddPart("b", "plate", "cover-flat-square")), fact, "box");
        Assert.NotNull(Read(covered.Do(new AddPart("b", "ring", "ring-4-1g-1/2")), fact, "box"));
        Assert.Null(Read(covered.Do(new RemovePart("b", "plate")), fact, "box"));
    }

    [Theory]
    [InlineData("did-not-trip")]
    [InlineData("button-opens")]
    public void Another_breaker_in_the_slot_is_another(string key)
    {
        var fact = FactKeys.Find(key)!;
        var noted = Noted(House(), fact, "1");
        var panel = noted.Panels["p"];
        Job Put(Breaker breaker) => noted.Do(new PutPanel("p", panel with { Breakers = [breaker] }));
        Assert.Null(Read(Put(panel.Breakers[0] with { Kind = BreakerKind.Gfci }), fact, "1"));
        Assert.Null(Read(Put(panel.Breakers[0] with { Amperes = 15 }), fact, "1"));
        Assert.NotNull(Read(Put(panel.Breakers[0] with { Says = "hall", On = false }), fact, "1"));
    }

    private static void Ended(string key, string of, bool ends, params Edit[] edits)
    {
        var fact = FactKeys.Find(key)!;
        var job = House();
        var ready = edits.Length > 1 ? job.Do(edits.AsSpan(..^1)) : job;
        Assert.Equal(ends, Read(Noted(ready, fact, of).Do(edits[^1]), fact, of) is null);
    }

    /// <summary>A metal box with two cables, joints, pigtails and a receptacle, on a breaker.</summary>
    private static Job House() =>
        RuleBoxes
            .Make("metal")
            .Do(
                new AddEntry("b", "k9", EntrySide.Left),
                new PutPanel(
                    "p",
                    new Panel("Panel", SupplySystem.SplitPhase, 20)
                    {
                        Breakers = [new Breaker(1, 1, 20, BreakerKind.Standard, null, "card")],
                    }
                )
            );

    private static Job Noted(Job job, FactKey fact, string of)
    {
        var answer = new Observation(
            Known.Measured,
            fact.Type switch
            {
                FactType.Length => "4",
                FactType.Number => "15",
                _ => fact.Answers[0],
            }
        );
        return job.Do(fact.Of == FactOf.Breaker ? new NotePanel("p", of, fact.Id, answer) : new NoteFact("b", of, fact.Id, answer));
    }

    private static Observation? Read(Job job, FactKey fact, string of) =>
        fact.Of == FactOf.Breaker ? job.Panels["p"].Noted.Find(of)?.Facts.Find(fact.Id) : job.Boxes["b"].Fact(of, fact.Id);

    /// <summary>A thing of this kind, and the edits that take it out and put one in again by its name.</summary>
    private static (string Of, Edit[] Again) OutAndIn(FactOf of, Job job)
    {
        var box = job.Boxes["b"];
        var (tail, panel) = (box.Pigtails["t0"], job.Panels["p"]);
        Edit[] cable = [new RemoveCable("b", "r0"), new AddCable("b", "r0", "k0", Jobs.Nm(12, 2))];
        return of switch
        {
            FactOf.Entry => ("k9", [new RemoveEntry("b", "k9"), new AddEntry("b", "k9", EntrySide.Left)]),
            FactOf.CableEnd => ("r0.a", cable),
            FactOf.Lead or FactOf.Wire => ("r0.a0", cable),
            FactOf.Pigtail => ("t0", [new RemovePigtail("b", "t0"), new AddPigtail("b", "t0", tail.From, tail.To)]),
            FactOf.Joint => ("hots", [new RemoveJoint("b", "hots"), new AddJoint("b", "hots", "twist-on-medium")]),
            FactOf.Device => ("r", [new RemoveDevice("b", "r"), new AddDevice("b", "r", "receptacle", 1)]),
            FactOf.Breaker => ("1", [new PutPanel("p", panel with { Breakers = [] }), new PutPanel("p", panel)]),
            _ => throw new ArgumentOutOfRangeException(nameof(of)),
        };
    }
}
