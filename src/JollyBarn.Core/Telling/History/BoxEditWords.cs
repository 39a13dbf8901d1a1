using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Telling.Phrases;
using JollyBarn.Telling.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.History;

/// <summary>Edits of boxes: what they are, where they are, what is known of them.</summary>
internal sealed class BoxEditWords : EditWords
{
    public BoxEditWords()
    {
        Says<AddBox>((e, _) => $"Box {e.Name} added");
        Says<CopyBox>((e, job) => $"{job.Boxes.Find(e.Box)?.Name} copied as {e.Name}");
        Says<ForRoom>(
            (e, job) =>
                $"{job.Places.Find(e.Place)?.Name}, every box: {(e.BoxesOf(job).FirstOrNull() is { } id ? e.For(id).Tell(job) : "")}"
        );
        InBox<RenameBox>((e, _) => $"now called {e.Name}");
        OfBox<PlaceBox>((e, job) => job.Places.Find(e.Place) is { } place ? $"moved to {place.Name}" : "in no room");
        OfBox<SetBoxWall>(
            (e, job) =>
                job.Walls.Find(e.Wall) is not { } wall ? "in no wall"
                : e.Spot is { } spot ? $"set in {wall.Name}, {TapeWords.Says(job, wall, spot)}"
                : $"set in {wall.Name}"
        );
        InBox<SetBoxKind>((e, _) => $"is a {BoxKinds.Find(e.Kind)?.Name ?? e.Kind}");
        InBox<SetBoxMark>(
            (e, _) =>
                e.Mark.OrNull is { } mark ? $"marked {mark}"
                : e.Mark.How == Known.NotApplicable ? "has no mark"
                : "mark not known"
        );
        InBox<SetBoxSize>((_, _) => "measured inside");
        InBox<SetContents>((e, _) => Recorded(e.Contents));
        InBox<SetClamps>((e, _) => Clamps(e.Clamps.OrNull));
        InBox<SetGroundingPlaces>(
            (e, _) => $"{Phrases.Counted.Of(e.Holes, "grounding hole")}, {Phrases.Counted.Of(e.Clips, "ground clip")}"
        );
        InBox<SetFittings>((e, _) => $"{Phrases.Counted.Of(e.Studs, "stud")}, {Phrases.Counted.Of(e.Hickeys, "hickey")}");
        InBox<SetPrintedCounts>((_, _) => "printed counts noted");
        InBox<NoteBox>((_, _) => "note written");
        InBox<BinBox>((_, _) => "put in the bin");
        InBox<BringBackBox>((_, _) => "brought back from the bin");
        OfBox<NoteFact>((e, job) => AnswerWords.About(job, e.Box, e.Key, e.Of) + AnswerWords.Of(e.Key, e.Fact));
        InBox<AssumeMake>(
            (e, _) => e.Make is { } make ? $"begun as usual, {MakeWords.Short(make.Make)}" : "no longer begun from a usual make"
        );
        InBox<HearSaid>((e, _) => $"{e.Who ?? "somebody"} says: {e.Text}");
        InBox<ForgetSaid>((e, box) => $"no longer kept: {box.Said.Find(e.Id)?.Text}");
    }

    private static string Recorded(Contents contents) =>
        contents switch
        {
            Contents.Complete => "everything in it is recorded",
            Contents.Partial => "partly recorded",
            _ => "not opened yet",
        };

    private static string Clamps(ClampStyle? clamps) =>
        clamps switch
        {
            ClampStyle.Internal => "clamps inside",
            ClampStyle.Flap => "held by its flap",
            ClampStyle.Outside => "no clamps inside",
            _ => "clamps not known",
        };
}
