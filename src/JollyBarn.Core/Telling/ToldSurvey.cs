using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Planning;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A place a lead may lie, or a pigtail one would see, with the edit that records it.</summary>
public sealed record ToldPlace(string Name, Edit Edit);

/// <summary>A lead whose place is recorded.</summary>
/// <param name="Lies">Where it lies.</param>
public sealed record PlacedLead(Id<Lead> Lead, string Name, string Lies);

/// <summary>A place whose leads are only assumed to lie there.</summary>
/// <param name="Name">The joint or the device.</param>
/// <param name="Leads">What is assumed to lie there, each in words.</param>
/// <param name="Edit">That somebody looked and it is so.</param>
public sealed record ToldAssumed(string Name, IReadOnlyList<string> Leads, Edit Edit);

/// <summary>A mark a cable may bear, with the edit that writes it down or takes it back.</summary>
public sealed record ToldMark(Id<Run> Run, RunSide Side, string Name, bool On, Edit Edit);

/// <summary>Writing down where the leads of a box lie, one after the other, in words.</summary>
/// <param name="Next">What the lead to ask about now is called; null when every one has its place.</param>
/// <param name="Places">Where it may lie, likeliest first.</param>
/// <param name="Tails">Pigtails one would see, to be put in with a tap.</param>
public sealed record ToldSurvey(
    IReadOnlyList<PlacedLead> Placed,
    int Leads,
    string? Next,
    IReadOnlyList<ToldPlace> Places,
    IReadOnlyList<ToldPlace> Tails,
    IReadOnlyList<SurveyPart> Done,
    IReadOnlyList<ToldPlace> Makes,
    IReadOnlyList<ToldAssumed> Assumed,
    IReadOnlyList<ToldMark> Marks
)
{
    private static readonly Dictionary<UsualMake, string> MakeWords = new()
    {
        [UsualMake.EndOfRun] = "End of the run: one cable, all of it on the device",
        [UsualMake.FedThrough] = "Fed through: cables joined, a pigtail to each terminal",
        [UsualMake.ThroughDevice] = "Fed through the device: each cable on its own screws",
        [UsualMake.LineAndLoad] = "Line and load: fed by the cable {0}, the rest protected",
        [UsualMake.FeedAtSwitch] = "Feed at the switch: the cable {0} leaves switched",
        [UsualMake.SwitchLoop] = "Switch loop: white brings the feed, black goes back",
        [UsualMake.ThreeWay] = "Three-way: two wires on the common, three on the travelers",
        [UsualMake.SpliceOnly] = "Splice only: colour on colour",
    };

    public static ToldSurvey Tell(Job job, Id<Box> id, Box box, SurveySteps steps)
    {
        var names = new ShortNames(job, id, box);
        string Place(SurveyPlace place) =>
            place.To is { } to ? Short(names, box, to)
            : place.NewJoint is { Text.Length: > 0 } joint ? $"new joint, {joint}"
            : "new joint, not known";
        return new(
            [.. steps.Placed.Select(l => new PlacedLead(l, names.Lead(l), names.Lies(box.Leads[l].Lands)))],
            steps.Leads,
            steps.Next is { } next ? names.Lead(next) : null,
            [.. steps.Places.Select(p => new ToldPlace(Place(p), p.Edit))],
            [.. steps.Tails.Select(t => new ToldPlace($"{Short(names, box, t.From)} → {Short(names, box, t.To)}", t.Edit))],
            steps.Done,
            [.. steps.Makes.Select(m => new ToldPlace(Make(names, m), m.Edit))],
            [.. steps.Assumed.Select(a => new ToldAssumed(At(names, a.At), [.. a.Strands.Select(names.Connection)], a.Edit))],
            [.. steps.Marks.Select(m => new ToldMark(m.Run, m.Side, MarkWord(m.Mark), m.On, m.Edit))]
        );
    }

    private static string MarkWord(CableMark mark) => Facts.FactKind.All.First(k => k.Key == CableFacts.Mark.Id).Choices[(int)mark].Name;

    private static string Make(ShortNames names, UsualMakeUp make)
    {
        var cable = Subjects.CableEnd(make.Cable ?? "") is var (run, side) ? names.Cable(run, side) : "";
        return string.Format(System.Globalization.CultureInfo.InvariantCulture, MakeWords[make.Make], cable);
    }

    private static string At(ShortNames names, Landing at) => at.At == LandingAt.Terminal ? names.Device(at.Device ?? "") : names.Lies(at);

    /// <summary>A place on a button: the terminal before its device.</summary>
    private static string Short(ShortNames names, Box box, Landing landing) =>
        landing.At switch
        {
            LandingAt.Joint => names.Joint(landing.Joint ?? ""),
            LandingAt.Terminal when DeviceKinds.Spot(box.Devices.Find(landing.Device)?.Kind, landing.Place) is var (terminal, _) =>
                $"{terminal.Name}, {names.Device(landing.Device ?? "")}",
            LandingAt.Cap => "cap",
            LandingAt.Loose => "leave loose",
            LandingAt.BondingScrew => "bonding screw, box",
            _ => names.Lies(landing),
        };
}
