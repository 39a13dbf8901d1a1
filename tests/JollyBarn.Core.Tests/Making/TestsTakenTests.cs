using JollyBarn.Edits;
using JollyBarn.Electrics.Faults;
using JollyBarn.Making;
using JollyBarn.Telling.Making;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Making;

/// <summary>Marked is not proved (common practice, and NFPA 70E 120): what was read beside what the wiring gives decides.</summary>
public sealed class TestsTakenTests
{
    private const string Later = "2026-10-01T09:00:00Z";

    /// <summary>A receptacle that hangs free is landed again; every step of its card is marked, the readings too.</summary>
    private static readonly Job Marked = new CardWalk("plan").Through(Planned(), "b");

    private static Job Planned()
    {
        var made = SmallHouse.Followed(SmallHouse.Receptacle());
        var hot = Hot(made);
        return made.Do(
            new MoveLead("b", hot, Landing.Loose),
            new OpenChange("plan", "Plan", "2026-09-28"),
            new PlanEdit("plan", "p1", new MoveLead("b", hot, made.Boxes["b"].Leads[hot].Lands))
        );
    }

    private static Id<Lead> Hot(Job job) => job.Boxes["b"].Leads.First(l => l.Value.Use == ConductorUse.Hot && l.Value.Run is not null).Key;

    private static ExpectedTests Expected => ExpectedTests.Of(ChangeWork.Planned(Marked, "plan"), "b");

    private static TestsTaken Of(Job job) => TestsTaken.Of(job, "plan", "b", Expected);

    private static Reading Read(AskedReading? asked, decimal? volts, ReadingShows shows = ReadingShows.Figure, string at = Later) =>
        new("two-pole", "one", "other", "read", "Ines", at, "b", Volts: volts, Shows: shows, Asked: asked);

    /// <summary>Hot to neutral, hot to ground, neutral to ground at one half of the duplex, then the same at the other.</summary>
    private static Job Taken(Job job, params decimal[] volts) =>
        job.Do([.. Expected.Readings.Zip(volts).Select((r, i) => new LogReading($"r{i}", Read(r.First.Asked("plan"), r.Second)))]);

    private static StageCase[] Lines(Job job) => [.. StagePlan.Of(job, "plan", "Ines", Later)[^1].Lines.Select(l => l.Case)];

    [Fact]
    public void A_step_that_is_marked_proves_nothing()
    {
        Assert.Empty(new CardWalk("plan").Steps(Marked, "b"));
        var card = MakeUpCard.Of(Marked, "plan", "b", "Ines", Later);
        Assert.Equal((6, 6, 0), (card.Tests!.All.Count, card.Tests.Missing, card.Tests.Otherwise));
        Assert.Equal([StageCase.NotRead, StageCase.CloseChange], Lines(Marked));
        Assert.StartsWith("Not proved", ToldTested.Of(card.Tests).Says, StringComparison.Ordinal);
    }

    [Fact]
    public void Readings_as_the_wiring_gives_prove_it()
    {
        var taken = Taken(Marked, 119.2m, 118.9m, 0.3m, 119.2m, 118.9m, 0.3m);
        Assert.Equal((0, 0), (Of(taken).Missing, Of(taken).Otherwise));
        Assert.Equal([StageCase.CloseChange], Lines(taken));
    }

    /// <summary>Common practice: with its neutral out a receptacle reads nothing between hot and neutral, the leg from hot to
    /// ground.</summary>
    [Fact]
    public void A_reading_otherwise_names_the_slips_that_read_so()
    {
        var taken = Of(Taken(Marked, 0, 119, 0));
        Assert.Equal((3, 1), (taken.Missing, taken.Otherwise));
        Assert.Contains(taken.All[0].Taken!.Slips, s => s.Slip.Case == OfferCase.ComesOff);
        Assert.Contains(StageCase.ReadsOtherwise, Lines(Taken(Marked, 0, 119, 0)));
    }

    /// <summary>Bounds of utilisation range B about 120 V: 106 to 127 V (ANSI C84.1, from memory).</summary>
    [Theory]
    [InlineData(106, true)]
    [InlineData(127, true)]
    [InlineData(85, false)]
    [InlineData(208, false)]
    public void How_near_is_as_planned(int volts, bool fits) => Assert.Equal(fits ? 0 : 1, Of(Taken(Marked, volts)).Otherwise);

    [Theory]
    [InlineData(ReadingShows.Something, ReadingFits.AsPlanned)]
    [InlineData(ReadingShows.Nothing, ReadingFits.Otherwise)]
    [InlineData(ReadingShows.Figure, ReadingFits.CannotTell)]
    public void A_lamp_is_compared_and_words_are_not(ReadingShows shows, ReadingFits fits)
    {
        var job = Marked.Do(new LogReading("r", Read(Expected.Readings[0].Asked("plan"), null, shows)));
        Assert.Equal(fits, Of(job).All[0].Taken!.Fits);
        Assert.Equal(fits == ReadingFits.CannotTell ? 6 : 5, Of(job).Missing);
    }

    [Fact]
    public void What_was_read_before_the_last_hand_in_it_or_was_struck_or_asked_by_another_Change_does_not_count()
    {
        var asked = Expected.Readings[0].Asked("plan");
        Assert.Equal(6, Of(Marked.Do(new LogReading("r", Read(asked, 119, at: "2026-10-01T07:00:00Z")))).Missing);
        Assert.Equal(6, Of(Taken(Marked, 119).Do(new StrikeReading("r0"))).Missing);
        Assert.Equal(
            6,
            Of(Marked.Do(new OpenChange("other", "Other"), new LogReading("r", Read(asked with { Change = "other" }, 119)))).Missing
        );
        Assert.Equal(6, Of(Marked.Do(new LogReading("r", Read(null, 119)))).Missing);
        Assert.NotNull(new LogReading("r", Read(asked with { Change = "none" }, 119)).Check(Marked));
    }
}
