using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <summary>Whole tables of the NEC against the rules that read them, on boxes as one meets them. The tables are typed from memory of NEC
/// 2017, 2020 and 2023, and not from the book of the program.</summary>
public class PublishedTests
{
    private static readonly int[] Ratings = [15, 20, 25, 30, 40, 50, 60];

    /// <summary>240.4(D) and Table 310.16 at 60 °C with 240.4(B): the largest breaker a conductor of cable may hang on, A.</summary>
    [Theory]
    [InlineData(14, Metal.Copper, 15)] // 240.4(D)(3)
    [InlineData(12, Metal.Copper, 20)] // 240.4(D)(5)
    [InlineData(10, Metal.Copper, 30)] // 240.4(D)(7)
    [InlineData(8, Metal.Copper, 40)] // 40 A at 60 °C
    [InlineData(6, Metal.Copper, 60)] // 55 A, and the next size up
    [InlineData(12, Metal.Aluminum, 15)] // 240.4(D)(4)
    [InlineData(10, Metal.Aluminum, 25)] // 240.4(D)(6)
    public void A_conductor_hangs_on_no_larger_breaker_than_the_table_allows(int gauge, Metal metal, int most)
    {
        foreach (var amperes in Ratings)
        {
            var found = Judge(Fed(gauge, amperes, metal), "wire-breaker");
            Assert.Equal(amperes <= most ? Verdict.Fine : Verdict.Fix, found.Verdict);
            Assert.Equal("r.a", found.Of);
        }
    }

    /// <summary>Table 250.122: the largest breaker a copper ground may hang on, A.</summary>
    [Theory]
    [InlineData(14, 15)]
    [InlineData(12, 20)]
    [InlineData(10, 60)]
    [InlineData(8, 100)]
    public void A_ground_is_as_thick_as_its_breaker_asks(int gauge, int most)
    {
        foreach (var amperes in Ratings.Append(100).Append(110))
        {
            var found = Judge(Fed(4, amperes, Metal.Copper, gauge), "ground-gauge");
            Assert.Equal(amperes <= most ? Verdict.Fine : Verdict.Fix, found.Verdict);
        }
    }

    /// <summary>Table 300.5 (300.5(A) from 2023), least cover in inches: UF cable, plainly and where a GFCI is ahead of it at 120 V and no
    /// more than 20 A.</summary>
    [Theory]
    [InlineData("soil", "24", "12")]
    [InlineData("concrete", "18", "6")]
    [InlineData("drive", "18", "12")]
    [InlineData("road", "24", "24")]
    public void A_cable_lies_as_deep_as_the_column_says(string over, string plain, string protectedBy)
    {
        foreach (var (ahead, least) in new[] { ("no", plain), ("yes", protectedBy) })
        {
            foreach (var (less, verdict) in new[] { ("0", Verdict.Fine), ("1/8", Verdict.Fix) })
            {
                var depth = Length.Parse(least) - Length.Parse(less);
                var job = Make("buried")
                    .Do(Note("r0.a", "buried", depth.ToString()), Note("r0.a", "cover", over), Note("box", "gfci-ahead", ahead));
                Assert.True(
                    Judge(job, "buried").Verdict == verdict,
                    $"{depth} under {over}, GFCI {ahead}: {Judge(job, "buried").Verdict}, the table has {least}"
                );
            }
        }
    }

    /// <summary>Table 300.5, the same in all three editions; more than 20 A never goes shallower for a GFCI.</summary>
    [Theory]
    [InlineData(Edition.Nec2017)]
    [InlineData(Edition.Nec2020)]
    [InlineData(Edition.Nec2023)]
    public void At_thirty_amperes_a_protective_device_makes_no_cable_shallower(Edition edition)
    {
        Job At(int amperes) =>
            Make("buried")
                .Do(
                    new SetProfile(CodeProfile.Default with { Edition = edition }),
                    Panel(amperes),
                    Note("r0.a", "buried", "12"),
                    Note("r0.a", "cover", "soil"),
                    Note("box", "gfci-ahead", "yes")
                );
        Assert.Equal(Verdict.Fine, Judge(At(20), "buried").Verdict);
        Assert.Equal(Verdict.Fix, Judge(At(30), "buried").Verdict);
    }

    /// <summary>Table 210.21(B)(3): ratings of receptacles on a circuit of several; 210.21(B)(1) for a single one on a circuit of its
    /// own.</summary>
    [Theory]
    [InlineData(15, "15")]
    [InlineData(20, "15 20")]
    [InlineData(30, "30")]
    public void A_receptacle_is_of_a_rating_the_circuit_may_have(int amperes, string suits)
    {
        foreach (var rating in new[] { "15", "20", "30" })
        {
            var job = Receptacle().Do(Panel(amperes), Note("d", "rating", rating));
            Assert.Equal(suits.Split(' ').Contains(rating) ? Verdict.Fine : Verdict.Fix, Judge(job, "rating").Verdict);
        }
    }

    /// <summary>210.8(A), a dwelling: where a 125 V receptacle wants ground-fault protection. <c>all</c>, <c>none</c>, or from which
    /// edition on; what hangs on a countertop or on a finished basement has rows of its own.</summary>
    [Theory]
    [InlineData("bathroom", "2017")] // (1)
    [InlineData("garage", "2017")] // (2)
    [InlineData("outdoors", "2017")] // (3)
    [InlineData("crawl", "2017")] // (4)
    [InlineData("basement", "2020")] // (5): all basements; unfinished ones before
    [InlineData("kitchen", "2023")] // (6): every receptacle of it; countertops before
    [InlineData("boathouse", "2017")] // (8)
    [InlineData("laundry", "2017")] // (10)
    [InlineData("bedroom", "none")]
    [InlineData("living", "none")]
    [InlineData("dining", "none")]
    [InlineData("hall", "none")]
    [InlineData("closet", "none")]
    [InlineData("loft", "none")]
    public void Ground_fault_protection_is_asked_room_by_room_and_edition_by_edition(string use, string since)
    {
        foreach (var edition in Enum.GetValues<Edition>())
        {
            var asked = since != "none" && (int)edition >= int.Parse(since, System.Globalization.CultureInfo.InvariantCulture);
            var job = InRoom(use, edition)
                .Do(
                    Note("box", "countertop", "no"),
                    Note("box", "finished", "yes"),
                    Note("box", "near-water", "no"),
                    Note("box", "gfci-ahead", "no")
                );
            Assert.True(
                Judge(job, "gfci").Verdict == (asked ? Verdict.Fix : Verdict.Fine),
                $"{use}, {edition}: {Judge(job, "gfci").Verdict}"
            );
        }
    }

    /// <summary>210.8(A)(5), (6) before they grew, and (7): within 6 ft of a sink, whatever the room.</summary>
    [Theory]
    [InlineData("kitchen", "countertop", "yes", Edition.Nec2017, true)]
    [InlineData("kitchen", "countertop", "no", Edition.Nec2017, false)]
    [InlineData("kitchen", "countertop", "no", Edition.Nec2020, false)]
    [InlineData("basement", "finished", "no", Edition.Nec2017, true)]
    [InlineData("basement", "finished", "yes", Edition.Nec2017, false)]
    [InlineData("bedroom", "near-water", "yes", Edition.Nec2017, true)]
    [InlineData("bedroom", "near-water", "yes", Edition.Nec2023, true)]
    [InlineData("hall", "near-water", "no", Edition.Nec2023, false)]
    public void What_lies_near_water_or_serves_a_counter_is_protected(string use, string key, string answer, Edition edition, bool asked)
    {
        var others = new[] { ("countertop", "no"), ("finished", "yes"), ("near-water", "no") }.Where(o => o.Item1 != key);
        var job = InRoom(use, edition)
            .Do([.. others.Select(o => Note("box", o.Item1, o.Item2)), Note("box", key, answer), Note("box", "gfci-ahead", "no")]);
        Assert.Equal(asked ? Verdict.Fix : Verdict.Fine, Judge(job, "gfci").Verdict);
    }

    /// <summary>210.8(A)(11), 2020 on: any damp or wet place indoors.</summary>
    [Theory]
    [InlineData(Edition.Nec2017, false)]
    [InlineData(Edition.Nec2020, true)]
    [InlineData(Edition.Nec2023, true)]
    public void A_damp_place_indoors_is_protected_from_2020_on(Edition edition, bool asked)
    {
        var job = InRoom("workshop", edition, Wetness.Damp).Do(Note("box", "near-water", "no"), Note("box", "gfci-ahead", "no"));
        Assert.Equal(asked ? Verdict.Fix : Verdict.Fine, Judge(job, "gfci").Verdict);
    }

    /// <summary>210.12(A), a dwelling, the same rooms in all three editions: kitchens, family, dining and living rooms, bedrooms, closets,
    /// hallways, laundry areas and the like.</summary>
    [Theory]
    [InlineData("kitchen", true)]
    [InlineData("living", true)]
    [InlineData("dining", true)]
    [InlineData("bedroom", true)]
    [InlineData("closet", true)]
    [InlineData("hall", true)]
    [InlineData("laundry", true)]
    [InlineData("bathroom", false)]
    [InlineData("garage", false)]
    [InlineData("outdoors", false)]
    [InlineData("crawl", false)]
    [InlineData("basement", false)]
    [InlineData("boathouse", false)]
    public void Arc_fault_protection_is_asked_room_by_room(string use, bool asked)
    {
        foreach (var edition in Enum.GetValues<Edition>())
        {
            var job = InRoom(use, edition).Do(Note("box", "afci-ahead", "no"), Note("box", "as-built", "no"));
            Assert.Equal(asked ? Verdict.Fix : Verdict.Fine, Judge(job, "afci").Verdict);
            Assert.Equal(Verdict.Fine, Judge(job.Do(Note("box", "afci-ahead", "yes")), "afci").Verdict);
        }
    }

    /// <summary>406.12: dwellings in 2017; attached and detached garages and outbuildings too from 2020 on; never above 5½ ft.</summary>
    [Theory]
    [InlineData("bedroom", Edition.Nec2017, "16", true)]
    [InlineData("bedroom", Edition.Nec2023, "66", true)]
    [InlineData("bedroom", Edition.Nec2023, "66 1/8", false)]
    [InlineData("garage", Edition.Nec2017, "16", true)]
    [InlineData("garage", Edition.Nec2020, "16", true)]
    [InlineData("boathouse", Edition.Nec2017, "16", true)]
    [InlineData("boathouse", Edition.Nec2023, "16", true)]
    public void Tamper_resistance_is_asked_by_room_edition_and_height(string use, Edition edition, string height, bool asked)
    {
        var job = InRoom(use, edition)
            .Do(Note("box", "height", height), Note("d", "tamper", "no"), Note("d", "tamper-why", "none"), Note("box", "as-built", "no"));
        Assert.Equal(asked ? Verdict.Fix : Verdict.Fine, Judge(job, "tamper").Verdict);
    }

    /// <summary>300.14: 6 in free from where the conductor leaves its sheath, and 3 in past an opening under 8 in.</summary>
    [Theory]
    [InlineData("6", "3", Verdict.Fine, Verdict.Fine)]
    [InlineData("5 7/8", "3", Verdict.Fix, Verdict.Fine)]
    [InlineData("6", "2 7/8", Verdict.Fine, Verdict.Fix)]
    public void A_lead_is_long_enough_and_reaches_out(string free, string past, Verdict length, Verdict reach)
    {
        var job = Receptacle().Do(Note("r.a0", "length", free), Note("r.a0", "past-opening", past));
        Assert.Equal(length, Judge(job, "free-length", "r.a0").Verdict);
        Assert.Equal(reach, Judge(job, "reach", "r.a0").Verdict);
    }

    /// <summary>Distances of cable to its box and its framing, in inches: the very limit holds, an eighth beyond does not.</summary>
    [Theory]
    [InlineData("fastener", "fastener", "12", true)] // 334.30, held at the box
    [InlineData("spacing", "spacing", "54", true)] // 334.30, 4 1/2 ft
    [InlineData("edge", "edge", "1 1/4", false)] // 300.4(A), (D)
    [InlineData("sheath", "sheath", "1/4", false)] // 314.17(B)(1)
    public void A_cable_is_fastened_and_kept_from_the_edge_as_the_article_says(string rule, string key, string limit, bool atMost)
    {
        Job At(Length length) =>
            Make("metal").Do(Note("r0.a", key, length.ToString()), Note("r0.a", "plated", "no"), Note("r0.a", "fastener", "8")) is var job
            && key == "fastener"
                ? job.Do(Note("r0.a", key, length.ToString()))
                : job;
        var (at, eighth) = (Length.Parse(limit), Length.Parse("1/8"));
        Assert.Equal(Verdict.Fine, Judge(At(at), rule, "r0.a").Verdict);
        Assert.Equal(Verdict.Fix, Judge(At(atMost ? at + eighth : at - eighth), rule, "r0.a").Verdict);
    }

    private static Finding Judge(Job job, string rule, string? of = null) =>
        Inspector.JudgeAll(job, "b", job.Boxes["b"]).Single(f => f.Rule == rule && (of is null || f.Of == of));

    private static PutPanel Panel(int amperes) =>
        new(
            "panel",
            new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, amperes, BreakerKind.Standard, "c", "it")] }
        );

    /// <summary>A junction box with one cable on a breaker.</summary>
    private static Job Fed(int gauge, int amperes, Metal metal, int? ground = null) =>
        Jobs.WithBox("square-4x2-1/8")
            .Do(
                new AddCable("b", "r", "k", new CableSpec(CableType.NmB, 2, GroundKind.Bare, Gauge.Awg(gauge), Metal: metal)),
                ground is { } awg ? new SetLeadWire("b", "r.a2", Gauge.Awg(awg)) : new NoteBox("b", "as it came"),
                new PutCircuit("c", new Circuit("Circuit")),
                Panel(amperes),
                new SetRun("r", Circuit: "c")
            );

    /// <summary>A duplex receptacle <c>d</c> in a plastic box on 20 A.</summary>
    private static Job Receptacle() =>
        Jobs.WithBox("nm-1g-22.5")
            .Do(
                new AddCable("b", "r", "k", Jobs.Nm(10, 2)),
                new AddDevice("b", "d", "receptacle", 1),
                new MoveLead("b", "r.a0", GfciBox.At("hot-upper/screw", "d")),
                new MoveLead("b", "r.a1", GfciBox.At("neutral-upper/screw", "d")),
                new MoveLead("b", "r.a2", GfciBox.At("ground/screw", "d")),
                new PutCircuit("c", new Circuit("Circuit")),
                Panel(20),
                new SetRun("r", Circuit: "c")
            );

    private static Job InRoom(string use, Edition edition, Wetness wetness = Wetness.Dry) =>
        Receptacle().Do([.. Room(use, wetness), new SetProfile(CodeProfile.Default with { Edition = edition })]);
}
