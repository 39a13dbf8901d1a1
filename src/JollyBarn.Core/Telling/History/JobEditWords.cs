using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Telling.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.History;

/// <summary>Edits of the job itself, its places, and what is kept beside it: rulings, lists and pictures.</summary>
internal sealed class JobEditWords : EditWords
{
    public JobEditWords()
    {
        Says<BinJob>((_, _) => "Job put in the bin");
        Says<ShowExercise>((_, _) => "Graded, and what the rules say is shown");
        Says<BringBackJob>((_, _) => "Job brought back from the bin");
        Says<ReplaceJob>(
            (e, _) =>
                $"Replaced by a file: {e.With.Name}, {e.With.Boxes.Count} boxes"
                + (e.Lines.Count > 0 ? $", {e.Lines.Count} steps that were not here" : "")
        );
        Says<RenameJob>((e, _) => $"Job named {e.Name}");
        Says<SetProfile>((e, _) => $"Judged by NEC {(int)e.Profile.Edition}{(e.Profile.Office is null ? "" : ", " + e.Profile.Office)}");
        Says<SetPractice>((e, _) => $"House practice, {Practice(e)}");
        Says<PutPlace>(
            (e, job) =>
                job.Places.Find(e.Id) is { } old && old.Name != e.Place.Name ? $"{old.Name} is now {e.Place.Name}" : $"Place {e.Place.Name}"
        );
        Says<RemovePlace>((e, job) => $"{job.Places.Find(e.Id)?.Name} removed");
        Says<PutWall>((e, _) => $"Wall {e.Wall.Name}");
        Says<RemoveWall>((e, job) => $"Wall {job.Walls.Find(e.Id)?.Name} removed");
        Says<PutOnWall>(
            (e, job) =>
                job.Walls.Find(e.Wall) is { } wall
                    ? $"{wall.Name}: {e.Thing.Name ?? TapeWords.Name(e.Thing.Kind, wall.Kind)}"
                        + (e.Thing.Across is { } across ? $", {TapeWords.Says(job, wall, across, false)}" : "")
                        + (e.Thing.Up is { } up ? $", {TapeWords.Says(job, wall, up, true)}" : "")
                    : "something on a wall that is gone"
        );
        Says<TakeOffWall>(
            (e, job) => job.Walls.Find(e.Wall) is { } wall ? $"{wall.Name}: {TapeWords.Name(wall, e.Id)} taken off" : "nothing"
        );
        Says<RecordRuling>((e, job) => $"{Judged(e.Ruling.Box, job)}: accepted by {e.Ruling.AcceptedBy}");
        Says<NameRuling>((e, job) => $"ruling of {job.Rulings.Find(e.Id)?.AcceptedBy}: kept for the case it was asked about");
        Says<RemoveRuling>((e, job) => $"ruling of {job.Rulings.Find(e.Id)?.AcceptedBy} taken back");
        Says<AddReport>((e, _) => $"List {e.Name}, {e.Lines.Count} lines");
        Says<SetReportLine>(
            (e, job) => $"{job.Reports.Find(e.Report)?.Name}: {Became(e)}, {job.Reports.Find(e.Report)?.Lines.Find(e.Line)?.Text}"
        );
        Says<RemoveReport>((e, job) => $"List {job.Reports.Find(e.Id)?.Name} removed");
        Says<AddPhoto>(
            (e, job) => $"{job.Boxes.Find(e.Photo.Box)?.Name}: picture{(e.Photo.Caption is null ? "" : ", " + e.Photo.Caption)}"
        );
        Says<SetPhoto>((e, _) => $"picture called {e.Caption ?? "nothing"}");
        Says<PinPhoto>((e, job) => $"{BoxOf(e.Id, job)}: pin in a picture");
        Says<UnpinPhoto>((e, job) => $"{BoxOf(e.Id, job)}: pin taken out of a picture");
        Says<RemovePhoto>((_, _) => "picture taken away");
    }

    private static string Practice(SetPractice set)
    {
        var question = PracticeBook.Questions.FirstOrDefault(q => q.Key == set.Key);
        var number = Assumptions.All.FirstOrDefault(a => a.Key == set.Key);
        var answer =
            set.Answer is null ? "as it comes"
            : question?.Choices.FirstOrDefault(c => c.Value == set.Answer) is { } choice ? choice.Name
            : number is null ? set.Answer
            : $"{set.Answer} {number.Unit}".TrimEnd();
        return $"{question?.Name ?? number?.Name ?? set.Key}: {answer}";
    }

    private static string? BoxOf(string photo, Job job) => job.Photos.Find(photo) is { } of ? job.Boxes.Find(of.Box)?.Name : null;

    private static string? Judged(string id, Job job) =>
        job.Boxes.Find(id)?.Name ?? job.Circuits.Find(id)?.Name ?? job.Panels.Find(id)?.Name;

    private static string Became(SetReportLine line) =>
        (line.Closed, line.Answer) switch
        {
            (not null, _) => "closed",
            (_, not null) => "answered",
            _ => "tied",
        };
}
