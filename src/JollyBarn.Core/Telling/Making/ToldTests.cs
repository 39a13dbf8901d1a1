using JollyBarn.Making;
using JollyBarn.Telling.Live;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Making;

/// <summary>What a reading would show had a slip been made.</summary>
/// <param name="Slips">Slips that show as this.</param>
public sealed record ToldSlip(string Shows, IReadOnlyList<string> Slips);

/// <summary>A reading that is asked of a finished box.</summary>
/// <param name="At">How a switch lies for it; null where none is thrown.</param>
/// <param name="Shows">What it is by the wiring as planned.</param>
/// <param name="Slips">What else it may show, and what that would mean.</param>
/// <param name="Asked">What a reading names that answers it.</param>
/// <param name="Taken">The reading that was taken; null where nobody took it since the box was last worked on.</param>
public sealed record ToldExpected(
    string From,
    string To,
    string? At,
    string Shows,
    IReadOnlyList<ToldSlip> Slips,
    AskedReading Asked,
    ToldTaken? Taken
);

/// <summary>A reading that was asked for and taken.</summary>
/// <param name="Slips">The likeliest slips that read so.</param>
public sealed record ToldTaken(string Id, string Says, ReadingFits Fits, IReadOnlyList<string> Slips);

/// <summary>How many readings were asked for, are not taken, and are not what the wiring gives.</summary>
/// <param name="Says">The same as a sentence; a box with nothing to read says so too.</param>
public sealed record ToldTested(int Asked, int Missing, int Otherwise, string Says)
{
    public static ToldTested Of(TestsTaken tests)
    {
        ArgumentNullException.ThrowIfNull(tests);
        var all = tests.All.Count;
        var says = tests switch
        {
            _ when all == 0 => "Nothing in it can be read with a probe.",
            { Otherwise: > 0 } => $"Not proved: {tests.Otherwise} of {Counted.Of(all, "reading")} not what the wiring gives.",
            { Missing: > 0 } => $"Not proved: {tests.Missing} of {Counted.Of(all, "reading")} asked for not taken.",
            _ => $"{Counted.Of(all, "reading")} asked for, each taken and as the wiring gives.",
        };
        return new(all, tests.Missing, tests.Otherwise, says);
    }
}

/// <summary>The readings of a finished box.</summary>
/// <param name="Unseen">Slips that none of these readings shows: look for them by eye.</param>
public sealed record ToldTests(string Instrument, IReadOnlyList<ToldExpected> Readings, IReadOnlyList<string> Unseen)
{
    private const int MostSlips = 3;

    public static ToldTests Tell(Job job, string change, Id<Box> box)
    {
        var planned = Edits.ChangeWork.Planned(job, change);
        var tests = ExpectedTests.Of(planned, box);
        var taken = TestsTaken.Of(job, change, box, tests);
        var names = new Names(planned, box);
        string Slip(Electrics.Faults.FaultOffer slip) => OfferWords.Of(slip).Make(new(slip.About, names));
        return new(
            CodeBook.InstrumentKinds.Find(ExpectedTests.Instrument)!.Name,
            [
                .. taken
                    .All.Select(a => (Of: a.Asked, a.Taken))
                    .Select(r => new ToldExpected(
                        Line.Start(names.Of(r.Of.From, "of")),
                        names.Of(r.Of.To, "of"),
                        r.Of.Switch is { } thrown ? $"{names.Of(thrown)} {(r.Of.On ? "on" : "off")}" : null,
                        LiveWords.Shows(r.Of.Shows),
                        [
                            .. r
                                .Of.Slips.GroupBy(s => LiveWords.Shows(s.Shows))
                                .Take(MostSlips)
                                .Select(g => new ToldSlip(g.Key, [.. g.Select(s => Slip(s.Slip)).Distinct().Take(MostSlips)])),
                        ],
                        r.Of.Asked(change),
                        r.Taken is { } read
                            ? new ToldTaken(
                                read.Id,
                                read.Reading.Says,
                                read.Fits,
                                [.. read.Slips.Select(s => Slip(s.Slip)).Distinct().Take(MostSlips)]
                            )
                            : null
                    )),
            ],
            [.. tests.Unseen.Select(Slip).Distinct()]
        );
    }
}
