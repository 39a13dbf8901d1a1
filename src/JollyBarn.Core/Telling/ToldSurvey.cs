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
/// <param name="Lies">Where it lies, and where it goes on to.</param>
/// <param name="Again">Asks for its place once more.</param>
/// <param name="Onward">Where it may go on to.</param>
public sealed record PlacedLead(Id<Lead> Lead, string Name, string Lies, Edit Again, IReadOnlyList<ToldPlace> Onward);

/// <summary>A place whose leads are only assumed to lie there.</summary>
/// <param name="Name">The joint or the device.</param>
/// <param name="Leads">What is assumed to lie there, each in words.</param>
/// <param name="Lit">Those leads and the device, by id, to be pointed at.</param>
/// <param name="Edit">That somebody looked and it is so.</param>
public sealed record ToldAssumed(string Name, IReadOnlyList<string> Leads, IReadOnlyList<string> Lit, Edit Edit);

/// <summary>A mark a cable may bear, with the edit that writes it down or takes it back.</summary>
public sealed record ToldMark(Id<Run> Run, RunSide Side, string Name, bool On, Edit Edit);

/// <summary>Writing down where the leads of a box lie, one after the other, in words.</summary>
/// <param name="Next">What the lead to ask about now is called; null when every one has its place.</param>
/// <param name="NextLead">Its id.</param>
/// <param name="Places">Where it may lie, likeliest first.</param>
/// <param name="Tails">Pigtails one would see, to be put in with a tap.</param>
public sealed record ToldSurvey(
    IReadOnlyList<PlacedLead> Placed,
    int Leads,
    string? Next,
    Id<Lead>? NextLead,
    IReadOnlyList<ToldPlace> Places,
    IReadOnlyList<ToldPlace> Tails,
    IReadOnlyList<SurveyPart> Done,
    IReadOnlyList<ToldPlace> Makes,
    IReadOnlyList<ToldAssumed> Assumed,
    IReadOnlyList<ToldMark> Marks
)
{
    public static ToldSurvey Tell(Job job, Id<Box> id, Box box, SurveySteps steps)
    {
        var names = new ShortNames(job, id, box);
        string Place(SurveyPlace place) =>
            place.To is { } to ? Short(names, box, to)
            : place.NewJoint is { Text.Length: > 0 } joint ? $"new joint, {joint}"
            : "new joint, not known";
        PlacedLead Placed(Id<Lead> lead)
        {
            var parts = box.Pigtails.Where(t => Onward.LeadOf(box, t.Value) == lead).ToList();
            var lies = string.Join(", on to ", [names.Lies(box.Leads[lead].Lands), .. parts.Select(t => names.Lies(t.Value.To))]);
            Edit[] again = [new MoveLead(id, lead, Landing.Unknown), .. parts.Take(1).Select(t => new RemovePigtail(id, t.Key))];
            var onward = steps.Onward.Where(o => o.Lead == lead).Select(o => new ToldPlace(Short(names, box, o.To), o.Edit));
            return new(lead, names.Lead(lead), lies, again is [var one] ? one : new Batch(again), [.. onward]);
        }

        return new(
            [.. steps.Placed.Select(l => Placed(l))],
            steps.Leads,
            steps.Next is { } next ? names.Lead(next) : null,
            steps.Next,
            [.. steps.Places.Select(p => new ToldPlace(Place(p), p.Edit))],
            [.. steps.Tails.Select(t => new ToldPlace($"{Short(names, box, t.From)} → {Short(names, box, t.To)}", t.Edit))],
            steps.Done,
            [.. steps.Makes.Select(m => new ToldPlace(Make(names, m.Make), new AssumeMake(id, m.Make)))],
            [.. steps.Assumed.Select(a => ToSee(names, box, a))],
            [.. steps.Marks.Select(m => new ToldMark(m.Run, m.Side, MarkWord(m.Mark), m.On, m.Edit))]
        );
    }

    private static string MarkWord(CableMark mark) => Facts.FactKind.All.First(k => k.Key == CableFacts.Mark.Id).Choices[(int)mark].Name;

    private static string Make(ShortNames names, AssumedMake make) =>
        MakeWords.Says(make.Make, Subjects.CableEnd(make.Cable ?? "") is var (run, side) ? names.Cable(run, side) : "");

    private static ToldAssumed ToSee(ShortNames names, Box box, MakePlace place) =>
        new(
            place.Device is { } device ? names.Device(device)
                : place.Joint is { } joint ? $"joint {joint}"
                : names.Lies(new(LandingAt.BondingScrew)),
            [
                .. place.Leads.Select(l => names.Lead(l.Lead) + (l.To is { } to ? $": {Short(names, box, to)}" : "")),
                .. place.Tails.Select(to => $"pigtail to {Short(names, box, to)}"),
            ],
            [.. place.Leads.Select(l => l.Lead.Text), .. place.Device is { } lit ? [lit.Text] : Array.Empty<string>()],
            place.Edit
        );

    /// <summary>A place on a button: the terminal before its device.</summary>
    private static string Short(ShortNames names, Box box, Landing landing) =>
        landing.At switch
        {
            LandingAt.Joint => names.Joint(landing.Joint ?? ""),
            LandingAt.Terminal when DeviceKinds.Spot(box.Devices.Find(landing.Device)?.Kind, landing.Place) is var (terminal, place) =>
                $"{terminal.Name}{(place == terminal.Landings[0] ? "" : $", {place.Name}")}, {names.Device(landing.Device ?? "")}",
            LandingAt.Cap => "cap",
            LandingAt.Loose => "leave loose",
            LandingAt.BondingScrew => $"{Names.Grounding(landing)}, box",
            _ => names.Lies(landing),
        };
}
