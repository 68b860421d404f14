using JollyBrook.Data.Records;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace JollyBrook.Data.Store;

/// <summary>Lets <c>dotnet ef migrations add</c> work on this project by itself.</summary>
internal sealed class DesignTimeDb : IDesignTimeDbContextFactory<JollyBrookDb>
{
    public JollyBrookDb CreateDbContext(string[] args)
    {
        var options = new DbContextOptionsBuilder<JollyBrookDb>();
        DataServices.Configure(options, "design-time.db");
        return new JollyBrookDb(options.Options, new BookInHand());
    }
}
