using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace JollyBrook.Data.Migrations
{
    /// <inheritdoc />
    public partial class Epoch : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(
                name: "HeldDown",
                table: "trip_people",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<Guid>(
                name: "Epoch",
                table: "store",
                type: "TEXT",
                nullable: false,
                defaultValue: new Guid("00000000-0000-0000-0000-000000000000"));

            migrationBuilder.AddColumn<Guid>(
                name: "Mark",
                table: "store",
                type: "TEXT",
                nullable: false,
                defaultValue: new Guid("00000000-0000-0000-0000-000000000000"));

            migrationBuilder.CreateTable(
                name: "book_sizes",
                columns: table => new
                {
                    BookId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Bytes = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_book_sizes", x => x.BookId);
                });

            migrationBuilder.Sql(
                """INSERT INTO "book_sizes" ("BookId", "Bytes") SELECT "BookId", SUM(LENGTH(CAST("Body" AS BLOB))) FROM "records" GROUP BY "BookId";""");

            migrationBuilder.CreateTable(
                name: "removed_people",
                columns: table => new
                {
                    TripId = table.Column<Guid>(type: "TEXT", nullable: false),
                    PersonId = table.Column<Guid>(type: "TEXT", nullable: false),
                    At = table.Column<DateTimeOffset>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_removed_people", x => new { x.TripId, x.PersonId });
                    table.ForeignKey(
                        name: "FK_removed_people_people_PersonId",
                        column: x => x.PersonId,
                        principalTable: "people",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_removed_people_trips_TripId",
                        column: x => x.TripId,
                        principalTable: "trips",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "sessions",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    PersonId = table.Column<Guid>(type: "TEXT", nullable: false),
                    RenewedAt = table.Column<DateTimeOffset>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_sessions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_sessions_people_PersonId",
                        column: x => x.PersonId,
                        principalTable: "people",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_removed_people_PersonId",
                table: "removed_people",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_sessions_PersonId",
                table: "sessions",
                column: "PersonId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "book_sizes");

            migrationBuilder.DropTable(
                name: "removed_people");

            migrationBuilder.DropTable(
                name: "sessions");

            migrationBuilder.DropColumn(
                name: "HeldDown",
                table: "trip_people");

            migrationBuilder.DropColumn(
                name: "Epoch",
                table: "store");

            migrationBuilder.DropColumn(
                name: "Mark",
                table: "store");
        }
    }
}
