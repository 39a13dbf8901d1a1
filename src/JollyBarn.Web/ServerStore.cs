using JollyBarn.Store;
using Serilog.Core;

namespace JollyBarn.Web;

/// <content>The data file of a run.</content>
public static partial class Server
{
    /// <summary>A store for one run; a demo's is thrown away.</summary>
    private sealed class StoreHandle : IAsyncDisposable
    {
        private readonly string? throwaway;

        public StoreHandle(Options asked)
        {
            throwaway = asked.Demo ? Directory.CreateTempSubdirectory("jolly-barn-demo-").FullName : null;
            List<string> early = [];
            Action<string> says = early.Add;
            Store = new JobStore(
                throwaway is null ? asked.Data : Path.Combine(throwaway, "demo.db"),
                catchUp: Telling.OldRulings.Named,
                says: sentence =>
                {
                    Console.Error.WriteLine(sentence);
                    says(sentence);
                },
                copies: throwaway is null
            );
            // Only now is the file ours, and with it the log beside it.
            Log = throwaway is null ? LogFile.Open(Store.Path) : null;
            says = sentence => Log?.Information("{Sentence:l}", sentence);
            early.ForEach(says);
        }

        public JobStore Store { get; }

        /// <summary>The log beside the data; none for what is thrown away.</summary>
        public Logger? Log { get; }

        public async ValueTask DisposeAsync()
        {
            await Store.DisposeAsync();
            Log?.Information("Ended");
            if (Log is not null)
            {
                await Log.DisposeAsync();
            }

            if (throwaway is not null)
            {
                Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
                Directory.Delete(throwaway, true);
            }
        }
    }
}
