using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Planning;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A place a lead may lie, or a pigtail one would see, with the edit that records it.</summary>
public sealed record ToldPlace(string Name, Edit Edit);

/// <summary>A lead whose place is recorded.</summary>
/// <param name="Lies">Where it lies.</param>
public sealed record PlacedLead(Id<Lead> Lead, string Name, string Lies);

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
    IReadOnlyList<SurveyPart> Done
)
{
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
            steps.Done
        );
    }

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
