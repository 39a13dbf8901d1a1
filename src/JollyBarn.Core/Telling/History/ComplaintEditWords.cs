using JollyBarn.Edits;
using JollyBarn.Telling.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.History;

/// <summary>Edits of what is wrong and what was observed of it.</summary>
internal sealed class ComplaintEditWords : EditWords
{
    public ComplaintEditWords()
    {
        Says<OpenComplaint>((e, _) => $"Something is wrong: {e.Says}");
        Says<Observe>((e, job) => $"{Of(job, e.Complaint)}: {LookWords.Observed(job, e.Observed)}");
        Says<StrikeObserved>((e, job) => $"{Of(job, e.Complaint)}: an observation taken back");
        Says<SayWorked>((e, job) => $"{Of(job, e.Complaint)}: {e.Work.Who} is said to have worked in {job.Boxes.Find(e.Work.Box)?.Name}");
        Says<UnsayWorked>((e, job) => $"{Of(job, e.Complaint)}: a word about late work taken back");
        Says<PutBackApart>((e, job) => $"{Of(job, e.Complaint)}: {LookWords.CableEnd(job, e.End)} put back");
        Says<FindCause>((e, job) => $"{Of(job, e.Complaint)}: the cause found, {job.Boxes.Find(e.Found.Box)?.Name}");
        Says<DropCause>((e, job) => $"{Of(job, e.Complaint)}: it was not that");
        Says<CloseComplaint>((e, job) => $"{Of(job, e.Id)}: closed");
        Says<LogTested>((e, job) => $"Tested: {LookWords.Observed(job, e.Tested.Seen)}");
        Says<StrikeTested>((_, _) => "a test taken back");
        Says<ReopenComplaint>((e, job) => $"{Of(job, e.Id)}: open again");
    }

    private static string Of(Job job, string id) => job.Complaints.Find(id)?.Says ?? "Trouble";
}
