using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Making;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Making;

/// <summary>The readings a card asks for are what the instruments of the program say of the plan, and a slip planted in it shows in
/// them.</summary>
public sealed class ExpectedTestTests
{
    private static readonly Job House = SmallHouse.Followed(SmallHouse.Receptacle());

    private static readonly ExpectedTests Asked = ExpectedTests.Of(House, "b");

    /// <summary>Published: a correct 120 V receptacle reads the leg hot to neutral and hot to ground, and next to nothing neutral to ground
    /// (NEC 406.4 and common practice; the value is of ANSI C84.1 range A).</summary>
    [Theory]
    [InlineData("hot", "neutral", 114, 126)]
    [InlineData("hot", "ground", 114, 126)]
    [InlineData("neutral", "ground", 0, 2)]
    public void A_receptacle_reads_as_it_should(string from, string to, double least, double most)
    {
        var reading = Asked.Readings.First(r =>
            r.From.Id.EndsWith(from, StringComparison.Ordinal) && r.To.Id.EndsWith(to, StringComparison.Ordinal)
        );
        Assert.InRange(reading.Shows.Volts!.Value, least, most);
    }

    public static TheoryData<string> Slips => ["neutral out", "exchanged", "hook behind the yoke"];

    [Theory]
    [MemberData(nameof(Slips))]
    public void A_planted_slip_is_caught_by_the_readings(string slip)
    {
        var live = Live.Solve(House, new Situation { Breakers = Signature.AllOn(House) });
        var box = House.Boxes["b"];
        Id<Lead> Of(ConductorUse use) => box.Leads.First(l => l.Value.Use == use && live.Plan.Find(Land(l.Key)) is not null).Key;
        static string Land(Id<Lead> lead) => $"land:b/{lead}";
        var hot = Of(ConductorUse.Hot);
        Fault fault = slip switch
        {
            "neutral out" => new OpenLink(Land(Of(ConductorUse.Neutral))),
            "exchanged" => new Exchanged(Land(hot), Land(Of(ConductorUse.Neutral))),
            _ => new Bridged(Points.Lead("b", hot, box.Leads[hot]), Points.Yoke("b", box.Devices.Ids.First())),
        };
        var wrong = Story.Unfold(live.With(fault)).End;
        string Point(Thing thing) => Points.Face("b", thing.In!, thing.Id);
        Assert.Contains(Asked.Readings, r =>
            Math.Abs(Instruments.Between(wrong, ExpectedTests.Instrument, Point(r.From), Point(r.To))!.Volts!.Value - r.Shows.Volts!.Value)
            > 20
        );
    }

    [Fact]
    public void Line_and_load_exchanged_shows_at_the_slots_of_one_made_today()
    {
        var seen = ExpectedTests
            .Of(SmallHouse.Followed(SmallHouse.Receptacle("protective")), "b")
            .Readings.SelectMany(r => r.Slips)
            .Select(s => s.Slip.Case);
        Assert.Contains(OfferCase.LineAndLoadLocked, seen);
    }
}
